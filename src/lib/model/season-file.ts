import { z } from 'zod';
import {
  gymDaySchema,
  seasonClosureSchema,
  seasonDatesSchema,
  seasonEventSchema,
  seasonPracticeSchema,
} from './club-file';

const span = z.tuple([z.number(), z.number()]);

const sessionSchema = z.object({
  day: z.string(),
  start: z.string(),
  minutes: z.number(),
  kind: z.enum(['lift', 'micro', 'primer', 'recovery']),
  role: z.string().nullable(),
  mains: z.array(
    z.object({
      lead: z.enum(['knee', 'hip']),
      row: z.string(),
      sets: z.number(),
      reps: z.number(),
      rir: z.number().nullable(),
      /** of 1RM, 0 to 1 */
      percent: z.number().nullable(),
    }),
  ),
  /** tier-weighted contacts it aims at */
  contacts: z.number(),
});

const weekSchema = z.object({
  number: z.number(),
  start: z.string(),
  phase: z.string(),
  closed: z.boolean(),
  block: z.object({ number: z.number().nullable(), week: z.number(), kind: z.string() }),
  test: z.boolean(),
  targets: z.object({ knee: span, hip: span, calfFoot: span, trunk: span }).nullable(),
  contacts: z.number(),
  notes: z.array(z.object({ code: z.string(), rules: z.array(z.string()) })),
  sessions: z.array(sessionSchema),
});

/** What a season is laid from: enough to lay it again for another squad. */
const basisSchema = z.object({
  format: z.literal('jaleo-season'),
  version: z.literal(1),
  season: seasonDatesSchema,
  gymDays: z.array(gymDaySchema).max(14).default([]),
  closures: z.array(seasonClosureSchema).max(60).default([]),
  practices: z.array(seasonPracticeSchema).max(60).default([]),
  events: z.array(seasonEventSchema).max(400).default([]),
});

/** A squad's season as a file: what it is laid from, and the plan as it stands. */
export const seasonFileSchema = basisSchema.extend({
  squad: z.object({ name: z.string(), sport: z.string() }),
  schools: z.record(z.string(), z.string()),
  weeks: z.array(weekSchema),
});

/** What is read of such a file: the plan is laid anew, so only what it is laid from has to be there. */
export const seasonBasisSchema = basisSchema;

export type SeasonFile = z.infer<typeof seasonFileSchema>;
export type SeasonBasis = z.infer<typeof seasonBasisSchema>;
