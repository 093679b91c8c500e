import { z } from 'zod';
import { DOSE_UNITS, LEVELS, PHASES, QUALITIES } from '../library/words';
import { DOSE_ROW_IDS } from './dose-row-ids';

const span = z.tuple([z.number(), z.number()]);
const rowId = z.enum(DOSE_ROW_IDS);

/** One row of the dose table (method 6). `amounts` gives the range for each unit the row can be written in. */
export const doseRowSchema = z.object({
  name: z.string(),
  quality: z.enum(QUALITIES),
  sets: span,
  amounts: z.partialRecord(z.enum(DOSE_UNITS), span),
  intensity: span.nullable(),
  rir: span.nullable(),
  fast: z.boolean(),
  rest: z.union([span, z.literal('school'), z.literal('work')]),
  tempo: z.string().nullable(),
  /** the next gentler row; `phase` = the gentle row of the phase (PHASE-3) */
  gentler: z.union([rowId, z.literal('phase')]).nullable(),
  /** what a lift that is strong enough takes instead (DOSE-6) */
  maintained: rowId.nullable(),
  atLeast: z.enum(LEVELS).nullable(),
  /** whether the response to it moves its dose: prep and mobility stay as they are */
  progresses: z.boolean(),
  /** takes an entry whatever else it trains: getting warm asks for no quality of its own */
  anyQuality: z.boolean().optional(),
  /** narrower ranges of amounts, by movement pattern or family, where a coach would not write the whole one */
  narrow: z.record(z.string(), span).optional(),
  /** the movement patterns it is for: they take no other row, and nothing else takes it */
  patterns: z.array(z.string()).optional(),
  /** the phases it may be chosen in; absent = all */
  phases: z.array(z.enum(PHASES)).optional(),
  /** rounds of short holds it is written as (D-PYR), each as long as its least amount */
  pyramid: z.object({ holds: z.array(z.number().int().positive()), offS: z.number() }).optional(),
  /** its phase's gentle row takes its place where START-2 asks for caution */
  cautious: z.boolean(),
  hard: z.boolean(),
});
export type DoseRow = z.infer<typeof doseRowSchema>;
