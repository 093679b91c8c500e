import { z } from 'zod';
import { LEVELS } from '$core/library';

const span = z.tuple([z.number(), z.number()]);
const count = z.number().min(0);

const lineSchema = z.object({
  slot: z.string(),
  block: z.string(),
  main: z.boolean(),
  exercise: z.string(),
  family: z.string(),
  pattern: z.string(),
  stance: z.string(),
  plane: z.string(),
  direction: z.string().nullable(),
  tier: z.string().nullable(),
  row: z.string(),
  hardSets: count,
  contactsRaw: count,
  contactsWeighted: count,
  /** what is written for whom: the squad's dose, a lesser one, another movement, or nothing */
  doses: z.array(
    z.object({
      variant: z.enum(['squad', 'less', 'other', 'without']),
      athletes: count,
      exercise: z.string().nullable(),
      sets: count,
      amount: count,
      unit: z.string(),
      per: z.string().nullable(),
      percent: z.number().nullable(),
      rir: z.number().nullable(),
    }),
  ),
});

const sessionSchema = z.object({
  day: z.string(),
  role: z.string().nullable(),
  kind: z.string(),
  template: z.string().nullable(),
  tags: z.array(z.string()),
  minutes: count,
  usedMinutes: count,
  contacts: z.object({ raw: count, weighted: count, budget: span }),
  /** main lifts as the plan has them for this day */
  planned: z.array(
    z.object({ lead: z.string(), row: z.string(), sets: count, reps: count, rir: z.number().nullable() }),
  ),
  lines: z.array(lineSchema),
  /** what rules moved by themselves the mornings before, and what the coach was asked the morning after */
  applied: count,
  calls: z.array(z.object({ kind: z.string(), athletes: count })),
  /** who trained, and their sets as written and as done; null = nothing was trained */
  done: z.object({ athletes: count, setsWritten: count, setsDone: count }).nullable(),
});

const weekSchema = z.object({
  start: z.string(),
  phase: z.string(),
  block: z.object({ number: z.number().nullable(), week: count, kind: z.string() }),
  test: z.boolean(),
  targets: z.object({ knee: span, hip: span, calfFoot: span, trunk: span }).nullable(),
  notes: z.array(z.object({ code: z.string(), rules: z.array(z.string()) })),
  sessions: z.array(sessionSchema),
});

/** A simulated season as the tool prints it. */
export const programmeSchema = z.object({
  /** null = nothing was drawn: the season as it is written */
  seed: z.number().nullable(),
  seconds: z.number(),
  squads: z.array(
    z.object({
      name: z.string(),
      sport: z.string(),
      athletes: z.array(
        z.object({
          id: z.string(),
          liftLevel: z.enum(LEVELS),
          jumpLevel: z.enum(LEVELS),
          birthDate: z.string().nullable(),
        }),
      ),
      weeks: z.array(weekSchema),
    }),
  ),
});

export type Programme = z.infer<typeof programmeSchema>;
export type ProgrammeSquad = Programme['squads'][number];
export type ProgrammeWeek = z.infer<typeof weekSchema>;
export type ProgrammeSession = z.infer<typeof sessionSchema>;
export type ProgrammeLine = z.infer<typeof lineSchema>;
