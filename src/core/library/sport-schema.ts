import { z } from 'zod';
import { DEMANDS, MUSCLES, QUALITIES } from './words';

const weight = z.number().min(0).max(5);

/** A sport profile (method 3). */
export const sportSchema = z.object({
  id: z.string(),
  name: z.string(),
  setting: z.enum(['field', 'court', 'ice', 'board', 'other']),
  event: z.string(),
  demands: z.record(z.enum(DEMANDS), weight),
  /** why each weight is what it is, in a few words */
  notes: z.record(z.enum(DEMANDS), z.string().min(3)),
  roles: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      demands: z.partialRecord(z.enum(DEMANDS), weight),
      guards: z.array(z.string()),
    }),
  ),
  eventsPerWeek: z.number(),
  seasonWeeks: z.number().int(),
  surface: z.string(),
  takeOff: z.enum(['one-foot', 'two-foot', 'both']),
  weightClass: z.boolean(),
  targetRungs: z.record(z.string(), z.number().int()),
  result: z.string(),
  guards: z.array(z.object({ id: z.string(), name: z.string(), exercises: z.array(z.string()).min(1) })),
  moments: z.array(
    z.object({ id: z.string(), name: z.string(), quality: z.enum(QUALITIES), muscles: z.array(z.enum(MUSCLES)) }),
  ),
});
export type Sport = z.infer<typeof sportSchema>;
