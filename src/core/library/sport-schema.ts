import { z } from 'zod';
import { DEMANDS } from './words';

const weight = z.number().min(0).max(5);

/** A sport profile (method 3). */
export const sportSchema = z.object({
  id: z.string(),
  name: z.string(),
  setting: z.enum(['field', 'court', 'ice', 'board', 'other']),
  event: z.string(),
  demands: z.record(z.enum(DEMANDS), weight),
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
  moments: z.array(z.object({ id: z.string(), name: z.string(), quality: z.string(), muscles: z.array(z.string()) })),
});
export type Sport = z.infer<typeof sportSchema>;
