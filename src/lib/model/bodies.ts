import { z } from 'zod';
import { isDay } from '$core/calendar';
import { DOSE_UNITS, PHASES, SIDES } from '$core/library';
import { DOSE_ROW_IDS } from '$core/method';
import { ANSWERS } from '$core/progress';
import { SIGNS } from '$core/safety';
import type { Card } from '$core/session';

/** Bodies that cross the border: the same schema for the form, the outbox and the server. */
export const daySchema = z.string().refine(isDay, 'Write a day as 2008-05-17.');
const id = z.uuid();

const doseSchema = z.object({
  sets: z.number().int().min(1).max(20),
  amount: z.number().positive().max(600),
  unit: z.enum(DOSE_UNITS),
  per: z.enum(['side', 'direction']).nullable(),
  percent: z.number().positive().max(1.2).nullable(),
  loadKg: z.number().positive().max(500).nullable(),
  rir: z.number().min(0).max(10).nullable(),
  restSeconds: z.number().min(0).max(900).nullable(),
  tempo: z.string().max(20).nullable(),
});

const facts = z.record(z.string(), z.union([z.string(), z.number(), z.boolean(), z.null(), z.array(z.string())]));
const reasons = z.array(z.object({ code: z.string(), rules: z.array(z.string()), facts })).max(20);

const lineSchema = z.object({
  slot: z.string().max(40),
  block: z.string().max(40),
  group: z.string().max(10).nullable(),
  exerciseId: z.string().max(80),
  row: z.enum(DOSE_ROW_IDS),
  dose: doseSchema,
  reasons,
  pinned: z.boolean(),
});
const overrideSchema = z.object({
  slot: z.string().max(40),
  athleteId: id,
  exerciseId: z.string().max(80).nullable(),
  row: z.enum(DOSE_ROW_IDS),
  dose: doseSchema,
  reasons,
  typed: z.boolean(),
});

export const keepCardSchema = z.object({
  /** version the change was made from; 0 = a new card */
  version: z.number().int().min(0),
  squadId: id,
  athleteId: id.nullable(),
  day: daySchema,
  minutes: z.number().int().min(5).max(240),
  card: z.object({
    template: z.string().max(40),
    phase: z.enum(PHASES),
    minutes: z.number().int(),
    lines: z.array(lineSchema).min(1).max(30),
    overrides: z.array(overrideSchema).max(3000),
  }),
});
/** The same as the core writes it: nothing keeps a card from being read only. */
export type KeepCard = Omit<z.infer<typeof keepCardSchema>, 'card'> & { readonly card: Card };

export const setLogSchema = z.object({
  id,
  sessionId: id,
  athleteId: id,
  slot: z.string().max(40),
  setNumber: z.number().int().min(1).max(20),
  amount: z.number().min(0).max(600),
  loadKg: z.number().positive().max(500).nullable(),
  rir: z.number().int().min(0).max(10).nullable(),
  fault: z.string().max(200).nullable(),
  asWritten: z.boolean(),
  doneAt: z.iso.datetime(),
  /** take the set back: it was not done */
  removed: z.boolean().default(false),
});
export type SetLogBody = z.infer<typeof setLogSchema>;
export const setLogsSchema = z.object({ sets: z.array(setLogSchema).min(1).max(200) });

export const checkInSchema = z
  .object({
    id,
    answer: z.enum(ANSWERS as [string, ...string[]]).transform((answer) => answer as (typeof ANSWERS)[number]),
    place: z.string().max(40).nullable(),
    side: z.enum(SIDES).nullable(),
    score: z.number().int().min(0).max(10).nullable(),
    signs: z.array(z.enum(SIGNS)).max(SIGNS.length),
  })
  .refine((body) => body.answer !== 'pain' || body.score !== null, { path: ['score'], message: 'score_missing' })
  .refine((body) => body.answer !== 'pain' || body.place !== null, { path: ['place'], message: 'place_missing' });
export type CheckInBody = z.infer<typeof checkInSchema>;

export const decideSchema = z.object({
  ids: z.array(id).min(1).max(200),
  decision: z.enum(['accepted', 'held']),
});
