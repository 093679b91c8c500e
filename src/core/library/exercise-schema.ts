import { z } from 'zod';
import { DEMANDS, DOSE_UNITS, FAMILIES, LEVELS, MUSCLES, QUALITIES, TESTS, TIERS } from './words';

const share = z.number().min(0).max(1);

/** What must be shown before an entry may be done: a test passed, a rung owned, a level, or a relative strength. */
export const gateSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('test'), test: z.enum(TESTS) }),
  z.object({ kind: z.literal('rung'), ladder: z.string(), rung: z.number().int().min(1) }),
  z.object({ kind: z.literal('level'), of: z.enum(['lift', 'jump']), atLeast: z.enum(LEVELS) }),
]);
export type Gate = z.infer<typeof gateSchema>;

/** How an entry lands. Tier and contacts may depend on the dose (method 2), so rules sit beside the base tier. */
export const plyoSchema = z.object({
  tier: z.enum(TIERS),
  tierAbove: z.array(z.object({ over: z.enum(['amount', 'drop']), limit: z.number(), tier: z.enum(TIERS) })),
  contactsPerRep: z.number().min(0),
  cadencePerSecond: z.number().positive().nullable(),
  ssc: z.enum(['none', 'slow', 'fast']),
  legs: z.enum(['two', 'one', 'alternate']),
  inPlace: z.boolean(),
  reactive: z.boolean(),
  direction: z.enum(['vertical', 'horizontal', 'lateral', 'rotational']),
  intent: z.enum(['height', 'distance', 'short-contact', 'stick', 'speed']),
  maximal: z.boolean(),
  dropM: z.number().min(0).nullable(),
});
export type Plyo = z.infer<typeof plyoSchema>;

/** One library entry (method 2). */
export const exerciseSchema = z.object({
  id: z.string().regex(/^[a-z0-9-]+$/),
  name: z.string().min(3),
  aliases: z.array(z.string()),
  family: z.enum(FAMILIES),
  pattern: z.string(),
  qualities: z.array(z.enum(QUALITIES)).min(1),
  stance: z.enum(['two-leg', 'split', 'single-leg', 'two-to-one', 'alternating', 'none']),
  plane: z.enum(['sagittal', 'frontal', 'transverse']),
  vector: z.enum(['vertical', 'horizontal', 'lateral', 'rotational']),
  speed: z.enum(['hold', 'slow', 'fast', 'maximal']),
  equipment: z.object({ allOf: z.array(z.string()), anyOf: z.array(z.string()) }),
  load: z.object({
    kind: z.enum(['barbell', 'dumbbell', 'kettlebell', 'landmine', 'cable', 'band', 'ball', 'sled', 'bodyweight']),
    oneRepMax: z.object({ lift: z.string(), ratio: z.number().positive() }).nullable(),
  }),
  doseUnit: z.enum(DOSE_UNITS),
  per: z.enum(['side', 'direction']).nullable(),
  secondsPerRep: z.number().positive(),
  setUpSeconds: z.number().min(0),
  station: z.enum(['rack', 'platform', 'bells', 'bench', 'landmine', 'mat', 'lane', 'wall', 'box', 'bar', 'open']),
  share: z.partialRecord(z.enum(MUSCLES), share),
  dominance: z.object({ knee: share, hip: share }).nullable(),
  soreness: z.number().int().min(0).max(3),
  demands: z.partialRecord(z.enum(DEMANDS), z.number().int().min(0).max(3)),
  plyo: plyoSchema.nullable(),
  ladder: z.object({ id: z.string(), rung: z.number().int().min(1) }).nullable(),
  gates: z.array(gateSchema),
  cues: z.array(z.string().min(3)).min(2).max(4),
  faults: z.array(z.object({ seen: z.string(), say: z.string(), screen: z.enum(TESTS).nullable() })).min(1),
  call: z.object({ ready: z.string(), go: z.string() }),
  cautions: z.array(z.string()).min(1),
  stopSigns: z.array(z.string()).min(1),
  groupable: z.boolean(),
  space: z.enum(['none', 'lane', 'wall', 'rack']),
  partner: z.string().nullable(),
  spotter: z.enum(['none', 'pins', 'pins-or-spotters']),
  carryover: z.record(z.string(), z.number().int()),
  builds: z.array(z.enum(TESTS)),
  flags: z.array(
    z.enum([
      'axial',
      'overhead',
      'frontRack',
      'lengthened',
      'sprint',
      'allOut',
      'headEye',
      // runs, shuttles, sleds and prep drills that strike or turn: they stop with a place's jumps (SAFE-8)
      'strikes',
      'kneeling',
    ]),
  ),
});
export type Exercise = z.infer<typeof exerciseSchema>;
