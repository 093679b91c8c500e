import { z } from 'zod';

/** Where coaches disagree: the options of each school, the default first (method 13). */
export const SCHOOLS = {
  jumpRest: ['full', 'dense', 'self-paced'],
  loading: ['blocks', 'straight-line', 'daily waves', 'three-action', 'tiers'],
  inSeasonMinimum: ['2', '1'],
  rdlShares: ['balanced', 'glute-led', 'hamstring-led'],
  kneeTravel: ['free', 'behind the toes while learning'],
  olympicLifts: ['pulls and derivatives', 'full', 'none'],
  trunkFlexion: ['avoid', 'allow'],
  order: ['two-leg first', 'single-leg first'],
  dayBefore: ['primer', 'rest'],
  shockGate: ['either', 'squat', 'history'],
  contacts: ['usual', 'cautious'],
  mainSquat: ['by profile', 'high-bar', 'front', 'box', 'trap-bar'],
  feet: ['shoes', 'bare or socks at light loads'],
  calls: ['few', 'ask me everything'],
} as const;

export const schoolsSchema = z.object({
  jumpRest: z.enum(SCHOOLS.jumpRest),
  loading: z.enum(SCHOOLS.loading),
  inSeasonMinimum: z.enum(SCHOOLS.inSeasonMinimum),
  rdlShares: z.enum(SCHOOLS.rdlShares),
  kneeTravel: z.enum(SCHOOLS.kneeTravel),
  olympicLifts: z.enum(SCHOOLS.olympicLifts),
  trunkFlexion: z.enum(SCHOOLS.trunkFlexion),
  order: z.enum(SCHOOLS.order),
  dayBefore: z.enum(SCHOOLS.dayBefore),
  shockGate: z.enum(SCHOOLS.shockGate),
  contacts: z.enum(SCHOOLS.contacts),
  mainSquat: z.enum(SCHOOLS.mainSquat),
  feet: z.enum(SCHOOLS.feet),
  calls: z.enum(SCHOOLS.calls),
});
/** A club's schools, or a squad's. */
export type Schools = z.infer<typeof schoolsSchema>;
export type SchoolId = keyof Schools;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[];

/** The first option of each (method 13). */
export const DEFAULT_SCHOOLS: Schools = {
  jumpRest: 'full',
  loading: 'blocks',
  inSeasonMinimum: '2',
  rdlShares: 'balanced',
  kneeTravel: 'free',
  olympicLifts: 'pulls and derivatives',
  trunkFlexion: 'avoid',
  order: 'two-leg first',
  dayBefore: 'primer',
  shockGate: 'either',
  contacts: 'usual',
  mainSquat: 'by profile',
  feet: 'shoes',
  calls: 'few',
};
