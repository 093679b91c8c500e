import { z } from 'zod';
import { DEMANDS, FAMILIES, MUSCLES, QUALITIES, TESTS } from '../library/words';

const TIERS_OF_START = ['range', 'control', 'force', 'skill'] as const;
const ids = z.array(z.string()).readonly();
const lifts = z.record(z.string(), z.number());
const pair = z.object({ squat: z.number(), hinge: z.number() });

/** Numbers of the start line (method 4). */
export const startSchema = z.object({
  tests: z.object({ range: ids, control: ids, force: ids, skill: ids, lever: ids }),
  ratios: z.object({ squat: lifts, hinge: lifts }),
  target: pair,
  youngTarget: pair,
  youngUnder: z.number(),
  youngReps: z.number(),
  cutsFrom: z.number(),
  eur: z.object({ low: z.number(), usualSd: z.number() }),
  rsi: z.object({ athletes: z.number() }),
  strongerBy: z.number(),
  leans: z.object({ hipBelow: z.number(), kneeAbove: z.number() }),
  trainedDays: z.number(),
  result: z.object({ blockDays: z.number(), leastDays: z.number() }),
  momentDays: z.number(),
  rescreenDays: z.array(z.number()).readonly(),
  controlLadder: z.string(),
  controlRungs: z.record(z.string(), z.number()),
});

const passSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('grade'), from: z.number() }),
  z.object({ kind: z.literal('joints') }),
  z.object({ kind: z.literal('at-least'), value: z.number(), sideDifference: z.number().nullable() }),
  z.object({ kind: z.literal('symmetry'), value: z.number() }),
]);

/** One test: how it is entered, what a body can do, how it passes and how long it holds (method 4). */
export const testSchema = z.object({
  id: z.string(),
  name: z.string(),
  short: z.string(),
  tier: z.enum(TIERS_OF_START).nullable(),
  kind: z.enum(['grade', 'joints', 'lift', 'number']),
  grades: ids,
  unit: z.string(),
  per: z.number(),
  decimals: z.number(),
  sides: z.boolean(),
  better: z.enum(['higher', 'lower']),
  trials: z.number(),
  from: z.enum(['best', 'mean']),
  possible: z.tuple([z.number(), z.number()]).readonly(),
  pass: passSchema.nullable(),
  holdsDays: z.number(),
  assumed: z.object({ m: z.number().optional(), share: z.number().optional() }),
  equipment: ids,
  minutes: z.number(),
  fromYears: z.number().nullable(),
  how: z.string(),
});

/** What a focus adds to what the sport asks (START-1, 5, 7, 10). */
export const focusSchema = z.object({
  name: z.string(),
  tier: z.enum(TIERS_OF_START).nullable(),
  emphasis: z.partialRecord(z.enum(DEMANDS), z.number()),
  families: z.array(z.enum(FAMILIES)).readonly(),
  drills: ids,
});

/** A weak moment of any sport, and what lies behind it (START-12). */
export const momentSchema = z.object({
  id: z.string(),
  name: z.string(),
  quality: z.enum(QUALITIES),
  muscles: z.array(z.enum(MUSCLES)).readonly(),
});

/** What guards a place injured before, and the screens it asks for before high tier (SAFE-11). */
export const injurySchema = z.object({ guards: ids, screens: z.array(z.enum(TESTS)).readonly() });
