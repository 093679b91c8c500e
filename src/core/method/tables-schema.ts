import { z } from 'zod';
import { DOSE_ROW_IDS } from './dose-row-ids';
import { DEMANDS, DOSE_UNITS, FAMILIES, LEVELS, MUSCLES, PHASES, QUALITIES, TESTS, TIERS } from '../library/words';
import { doseRowSchema } from './dose-row-schema';
import { returningSchema } from './returning-schema';
import { SCHOOLS } from './schools';
import { settingsSchema } from './settings-schema';
import { focusSchema, injurySchema, momentSchema, startSchema, testSchema } from './start-schema';

const span = z.tuple([z.number(), z.number()]);

const rowId = z.enum(DOSE_ROW_IDS);

export const phaseRowSchema = z.object({
  name: z.string(),
  lead: z.array(rowId),
  beside: z.array(rowId),
  jump: z.array(rowId),
  weeklySets: z.object({ knee: span, hip: span, calfFoot: span, trunk: span }).nullable(),
  sessions: span.nullable(),
  jumpFactor: z.number().positive(),
  /** what an athlete barred from a strength row of this phase takes in the end (PHASE-3) */
  gentleRow: rowId,
});

export const jumpLevelSchema = z.object({
  budget: span,
  highestTier: z.enum(TIERS),
  maxShockDropM: z.number().nullable(),
  sessionsPerWeek: span,
});

/** What a score of a complaint bars (SAFE-8). */
export const barSchema = z.object({
  maxTier: z.enum([...TIERS, 'none']).nullable(),
  twoFeetOnly: z.boolean(),
  families: z.array(z.enum(FAMILIES)),
  slowOnly: z.array(z.enum(FAMILIES)),
  flags: z.array(z.string()),
  flagRows: z.array(z.object({ flag: z.string(), rows: z.array(rowId) })),
  loadedTrunk: z.boolean(),
  /** knee-dominant work is done slowly or not at all */
  kneeDominantSlow: z.boolean(),
  /** nothing on the knees */
  kneeling: z.boolean(),
  everything: z.boolean(),
});
export type Bar = z.infer<typeof barSchema>;

export const complaintRowSchema = z.object({ mild: barSchema, three: barSchema, stop: barSchema });

export const placeSchema = z.object({
  name: z.string(),
  row: z.string(),
  muscles: z.array(z.enum(MUSCLES)),
  kneeDominant: z.boolean(),
  axial: z.boolean(),
  screens: z.array(z.enum(TESTS)),
  checkin: z.boolean(),
});
export type Place = z.infer<typeof placeSchema>;

export const slotSchema = z.object({
  id: z.string(),
  block: z.string(),
  group: z.string().nullable(),
  families: z.array(z.enum(FAMILIES)),
  patterns: z.array(z.string()),
  qualities: z.array(z.enum(QUALITIES)),
  /** rows it is dosed by, best first; or those of the phase for strength, power or jumps */
  rows: z.union([rowId.array(), z.enum(['strength', 'power', 'jump'])]),
  /** rows it takes only where nothing takes the others */
  spareRows: rowId.array(),
  maxTier: z.enum(TIERS).nullable(),
  /** directions its jumps may take; empty = any */
  directions: z.array(z.enum(['vertical', 'horizontal', 'lateral', 'rotational'])),
  guard: z.boolean(),
  main: z.boolean(),
  /** phases and roles it serves; empty = all */
  phases: z.array(z.enum(PHASES)),
  roles: z.array(z.enum(['whole', 'A', 'B', 'C', 'A2', 'B2'])),
  /** minutes of a session from which it opens (SEL-7) */
  from: z.number(),
  /** days it is for: those a near event protects, the others, or any */
  days: z.enum(['any', 'quiet', 'free']),
  /** points for being filled at all: what goes last when minutes fail */
  worth: z.number().int(),
  /** most sets and reps this slot takes, whatever the row says */
  cap: z.object({ sets: z.number().int(), amount: z.number() }).nullable(),
  /** sets, reps or seconds and rest as this slot is always done, where they are not the row's (a round of a circuit) */
  fixed: z
    .object({
      sets: z.number().int(),
      amount: z.number(),
      restSeconds: z.number().nullable(),
      unit: z.enum(DOSE_UNITS).optional(),
      tempo: z.string().optional(),
    })
    .optional(),
  /** sets under what its row gives (a second main lift) */
  setsLess: z.number().int().optional(),
  optional: z.boolean(),
});
export type Slot = z.infer<typeof slotSchema>;

/** Something a session should hold (SEL-2); soft: missing it costs points. */
export const quotaSchema = z.object({
  id: z.string(),
  /** of these families, or any single-leg work, or any of these movements */
  families: z.array(z.enum(FAMILIES)),
  singleLeg: z.boolean(),
  patterns: z.array(z.string()),
  /** of these families, only what jumps for height, or works in the frontal plane */
  only: z.enum(['height', 'frontal']).nullable(),
  /** asked where the sport weighs one of these demands so much; null = always */
  asked: z.object({ demands: z.array(z.enum(DEMANDS)), from: z.number() }).nullable(),
  from: z.number(),
});
export type Quota = z.infer<typeof quotaSchema>;

/** What a session is that a coach asks for by name. */
const askedSchema = z.object({
  /** one sentence: what it is for */
  about: z.string(),
  /** what it is held with, of what the place has; null = all of it */
  kit: z.array(z.string()).nullable(),
  /** the kit comes with the athletes: the place does not matter */
  brought: z.boolean(),
  /** what its work is loaded with; null = anything */
  loads: z.array(z.string()).nullable(),
  /** nothing that a whole group cannot do on a call */
  groupable: z.boolean(),
  /** lift level most of the squad must have */
  atLeast: z.enum(LEVELS).nullable(),
  /** how it rests between jumps, whatever the club does */
  jumpRest: z.enum(SCHOOLS.jumpRest).nullable(),
});
export type AskedKind = z.infer<typeof askedSchema>;

export const templateSchema = z.object({
  name: z.string(),
  /** null = day and minutes choose it */
  asked: askedSchema.nullable(),
  minutes: span,
  /** whether it is a session that trains: its minutes are used, where something with value is left (SEL-9) */
  loading: z.boolean(),
  slots: z.array(slotSchema),
  quotas: z.array(quotaSchema),
});
export type Template = z.infer<typeof templateSchema>;

/** What is done beside the sessions, with a frequency of its own (SIDE-1). */
export const sideProgrammeSchema = z.object({
  name: z.string(),
  /** what it is for, to the athlete */
  purpose: z.string(),
  /** days a week it is done on; 7 = daily */
  perWeek: z.number().int().min(1).max(7),
  /** who is on the way back from a complaint does it oftener, with another programme on the days between; null = as the rest */
  returning: z.object({ perWeek: z.number().int().min(1).max(7), between: z.string() }).nullable(),
  /** an athlete's range focus brings drills of its own in place of these (START-10) */
  ofFocus: z.boolean(),
  /** in place of sessions that cannot be, not beside them: no answer to what they leave out */
  instead: z.boolean(),
  items: z.array(z.object({ exercise: z.string(), row: rowId })),
});
export type SideProgramme = z.infer<typeof sideProgrammeSchema>;

/** Every table the rules read. A club's own rows are laid over the built-in ones before the core sees them. */
export const methodTablesSchema = z.object({
  doses: z.record(rowId, doseRowSchema),
  phases: z.record(z.enum(PHASES), phaseRowSchema),
  jumpLevels: z.record(z.enum(LEVELS), jumpLevelSchema),
  complaints: z.record(z.string(), complaintRowSchema),
  places: z.record(z.string(), placeSchema),
  templates: z.record(z.string(), templateSchema),
  settings: settingsSchema,
  start: startSchema,
  tests: z.record(z.string(), testSchema),
  focuses: z.record(z.string(), focusSchema),
  moments: z.array(momentSchema).readonly(),
  injuries: z.record(z.string(), injurySchema),
  sides: z.record(z.string(), sideProgrammeSchema),
  returning: returningSchema,
});
export type MethodTables = z.infer<typeof methodTablesSchema>;
