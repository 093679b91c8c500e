import { z } from 'zod';
import { isDay } from '$core/calendar';
import { DOSE_UNITS, PHASES, SIDES } from '$core/library';
import { SIDE_PLANS } from '$core/dose';
import { DOSE_ROW_IDS } from '$core/method';
import { ANSWERS } from '$core/track';
import { SIGNS } from '$core/safety';
import { SUBSTITUTES_KEPT, type CardShape, type Line, type TypedLine } from '$core/session';

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
  rir: z.number().int().min(0).max(10).nullable(),
  restSeconds: z.number().min(0).max(900).nullable(),
  tempo: z.string().max(20).nullable(),
  pyramid: z
    .object({
      holds: z.array(z.number().int().min(1).max(20)).min(1).max(20).readonly(),
      offS: z.number().min(1).max(120),
    })
    .exactOptional(),
  sides: z.enum(SIDE_PLANS).exactOptional(),
});

const word = z.string().max(200);
const facts = z
  .record(z.string().max(40), z.union([word, z.number(), z.boolean(), z.null(), z.array(word).max(60)]))
  .refine((all) => Object.keys(all).length <= 40);
const reasons = z
  .array(z.object({ code: z.string().max(60), rules: z.array(z.string().max(20)).max(12), facts }))
  .max(20);

const key = z.string().max(80);
const rowId = z.enum(DOSE_ROW_IDS);
const slot = z.string().min(1).max(40);
const seen = z.number().int().min(0);

const noteSchema = z.string().trim().max(200, 'A note is at most 200 characters.').nullable();

const lineSchema = z.object({
  slot,
  block: z.string().max(40),
  // a pair by hand is named by its first slot
  group: z.string().max(60).nullable(),
  exerciseId: key,
  row: rowId,
  dose: doseSchema,
  full: z.object({ dose: doseSchema, rules: z.array(z.string().max(20)).max(8) }).nullable(),
  reasons,
  pinned: z.boolean(),
  typed: z.boolean(),
  substitutes: z.array(z.object({ exerciseId: key, row: rowId })).max(SUBSTITUTES_KEPT),
  // absent in what was parked before lines had words
  note: noteSchema.default(null),
  only: z.array(id).max(200).nullable().default(null),
  override: z.string().trim().min(1).max(200, 'A reason is at most 200 characters.').optional(),
  overrideFor: z.array(id).min(1).max(200).optional(),
});
const typedSchema = z.object({ slot, athleteId: id, exerciseId: key.nullable(), row: rowId, dose: doseSchema });

/**
 * What changed on a card, line by line, each with the version it was made from (0 = it was not there): what somebody else
 * changed meanwhile conflicts on its own line and nowhere else.
 */
export const keepCardSchema = z.object({
  id,
  squadId: id,
  athleteId: id.nullable(),
  day: daySchema,
  head: z
    .object({
      seen,
      minutes: z.number().int().min(5).max(240),
      phase: z.enum(PHASES),
      template: z.string().max(40),
      facilityId: id.nullable(),
      shape: z
        .object({
          without: z.array(slot).max(60),
          order: z.array(slot).max(90),
          banned: z.array(key).max(200),
          alone: z.boolean().default(false),
          kind: z.string().max(40).nullable().default(null),
        })
        // what was parked before cards had a shape
        .default(() => ({ without: [], order: [], banned: [], alone: false, kind: null })),
    })
    .nullable(),
  lines: z.array(z.object({ seen, position: z.number().int().min(0).max(90), line: lineSchema })).max(60),
  removed: z.array(z.object({ slot, seen })).max(60),
  typed: z.array(z.object({ seen, own: typedSchema })).max(3000),
  untyped: z.array(z.object({ slot, athleteId: id, seen })).max(3000),
});
/** The same as the core writes it: nothing keeps a card from being read only. */
export type KeepCard = Omit<z.infer<typeof keepCardSchema>, 'head' | 'lines' | 'typed'> & {
  readonly head:
    (Omit<NonNullable<z.infer<typeof keepCardSchema>['head']>, 'shape'> & { readonly shape: CardShape }) | null;
  readonly lines: readonly { readonly seen: number; readonly position: number; readonly line: Line }[];
  readonly typed: readonly { readonly seen: number; readonly own: TypedLine }[];
};

export const setLogSchema = z.object({
  id,
  sessionId: id,
  athleteId: id,
  slot,
  setNumber: z.number().int().min(1).max(20),
  amount: z.number().min(0).max(600),
  loadKg: z.number().positive().max(500).nullable(),
  rir: z.number().int().min(0).max(10).nullable(),
  fault: z.string().max(200).nullable(),
  /** best height or distance, m, or reps of a timed set; older devices did not say */
  output: z.number().positive().max(400).nullable().default(null),
  asWritten: z.boolean(),
  doneAt: z.iso.datetime(),
  /** take the set back: it was not done */
  removed: z.boolean().default(false),
  /** what the device showed when it was tapped; older devices did not say */
  shown: z
    .object({
      exerciseId: key,
      row: rowId,
      dose: doseSchema,
      based: doseSchema.nullable(),
      eased: z.array(z.string().max(20)).max(12),
    })
    .nullable()
    .default(null),
});
export type SetLogBody = z.infer<typeof setLogSchema>;
export const setLogsSchema = z.object({ sets: z.array(z.unknown()).min(1).max(200) });

export const closeSessionSchema = z.object({
  id,
  minutes: z.number().int().min(1).max(300).nullable(),
  rpe: z.number().int().min(0).max(10).nullable(),
  /** who was there; null = everybody who has a set */
  present: z.array(id).max(500).nullable(),
  /** lines nobody did: they count as nothing */
  notDone: z.array(slot).max(60).default([]),
});
export type CloseSession = z.infer<typeof closeSessionSchema>;

export const checkInSchema = z
  .object({
    id,
    answer: z.enum(ANSWERS as [string, ...string[]]).transform((answer) => answer as (typeof ANSWERS)[number]),
    place: z.string().max(40).nullable(),
    side: z.enum(SIDES).nullable(),
    score: z.number().int().min(0).max(10).nullable(),
    signs: z.array(z.enum(SIGNS)).max(SIGNS.length),
    /** how hard the last session was; absent = not said */
    rpe: z.number().int().min(0).max(10).nullish(),
  })
  .refine((body) => body.answer !== 'pain' || body.score !== null, { path: ['score'], message: 'score_missing' })
  .refine((body) => body.answer !== 'pain' || body.place !== null, { path: ['place'], message: 'place_missing' });
export type CheckInBody = z.infer<typeof checkInSchema>;

/** The coach's word on what the rules ask, or have moved, with what was on screen: what reads otherwise by now is a conflict. */
export const decideSchema = z.object({
  id,
  decision: z.enum(['accepted', 'held', 'back']),
  items: z
    .array(
      z.object({
        athleteId: id,
        exerciseId: key,
        row: rowId,
        to: z.object({ exerciseId: key, dose: doseSchema }),
      }),
    )
    .min(1)
    .max(400),
});
export type Decide = z.infer<typeof decideSchema>;

/** A card kept to start others from, under a name of the club's own; the same name is written over. */
export const keptCardSchema = z.object({
  id,
  name: z.string().trim().min(1, 'Give it a name.').max(60, 'A name is at most 60 characters.'),
  minutes: z.number().int().min(5).max(240),
  lines: z
    .array(
      lineSchema.pick({ block: true, group: true, exerciseId: true, row: true, dose: true, typed: true, note: true }),
    )
    .min(1, 'There is nothing on the card to keep.')
    .max(40),
});
export type KeptCardBody = z.infer<typeof keptCardSchema>;
export const dropKeptCardSchema = z.object({ id, name: z.string().max(60) });
