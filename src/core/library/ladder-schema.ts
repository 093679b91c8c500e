import { z } from 'zod';
import { gateSchema } from './exercise-schema';

/** A ladder: variations of one skill, lowest first (method 7). A rung names the entries that stand on it. */
export const ladderSchema = z.object({
  id: z.string(),
  name: z.string(),
  goal: z.string(),
  rungs: z
    .array(
      z.object({
        name: z.string(),
        purpose: z.string(),
        exercises: z.array(z.string()).min(1),
        gates: z.array(gateSchema),
        /** own range of sets and reps or time; null = the dose row's (loaded rungs follow the phase) */
        sets: z.tuple([z.number().int(), z.number().int()]).nullable(),
        amount: z.tuple([z.number(), z.number()]).nullable(),
        mastery: z.string(),
        /** clean sessions at the top of the range, next mornings fine, that own it */
        sessions: z.number().int().min(1),
        /** what is seen that sends an athlete back one rung */
        fault: z.string().min(3),
      }),
    )
    .min(2),
});
export type Ladder = z.infer<typeof ladderSchema>;
export type Rung = Ladder['rungs'][number];
