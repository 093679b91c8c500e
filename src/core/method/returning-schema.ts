import { z } from 'zod';
import { TESTS } from '../library/words';

/** Kinds of work that a stage of the way back from a complaint opens, gentlest first (SAFE-2). */
export const RETURN_WORK = [
  'hold',
  'slow-two-leg',
  'slow-one-leg',
  'lengthened',
  'low-contacts',
  'strikes',
  'medium-contacts',
  'fast',
  'planned-speed',
  'everything',
] as const;
export type ReturnWork = (typeof RETURN_WORK)[number];

/** The stages of *return* in their order (SAFE-2). */
export const RETURN_STAGES = [
  'isometric',
  'slow-two-leg',
  'slow-one-leg',
  'low-contacts',
  'medium-contacts',
  'planned-speed',
  'full',
] as const;
export type ReturnStageId = (typeof RETURN_STAGES)[number];

/** The way back from a complaint: what each stage opens beyond the one before, and what is asked before it is left. */
export const returningSchema = z.object({
  /** weak side over strong side, 0–1 */
  symmetryFrom: z.number().min(0).max(1),
  stages: z.record(z.enum(RETURN_STAGES), z.object({ name: z.string(), opens: z.array(z.enum(RETURN_WORK)) })),
  /** by row of complaints: tests held side against side, and screens to be passed */
  leaving: z.record(z.string(), z.object({ symmetry: z.array(z.string()), screens: z.array(z.enum(TESTS)) })),
});
