/** The field's words, as closed lists: schemas, tables and screens all read them from here (method 1 to 3). */
export const FAMILIES = [
  'squat',
  'hinge',
  'single-leg-knee',
  'single-leg-hip',
  'lateral',
  'jump',
  'olympic',
  'calf-foot',
  'hip-flexor',
  'trunk',
  'upper-push',
  'upper-pull',
  'carry-sled',
  'locomotion',
  'mobility',
  'agility',
  'conditioning',
] as const;
export type Family = (typeof FAMILIES)[number];

export const QUALITIES = [
  'structure',
  'max-strength',
  'power',
  'slow-ssc',
  'fast-ssc',
  'landing',
  'strength-endurance',
  'isometric',
  'eccentric',
  'mobility',
  'stability',
  'skill',
  'conditioning',
] as const;

export type Quality = (typeof QUALITIES)[number];

export const MUSCLES = [
  'quadriceps',
  'glutes',
  'hamstrings',
  'adductors',
  'abductors',
  'gastrocnemius',
  'soleus',
  'tibialisAnterior',
  'foot',
  'hipFlexors',
  'trunkFlexion',
  'trunkExtension',
  'trunkAntiRotation',
  'trunkSide',
  'upperPush',
  'upperPull',
] as const;
export type Muscle = (typeof MUSCLES)[number];

export const DEMANDS = [
  'max-strength',
  'vertical-jump-two-foot',
  'vertical-jump-one-foot',
  'horizontal-power',
  'top-speed',
  'deceleration-cutting',
  'lateral-push',
  'landing-absorption',
  'reactive-stiffness',
  'rotation',
  'trunk-bracing',
  'balance-gaze',
  'groin',
  'hamstring',
  'knee-tendon',
  'ankle-foot',
  'hip-mobility',
  'repeat-effort',
  'grip-pull',
  'collision',
  'overhead',
] as const;
export type Demand = (typeof DEMANDS)[number];

export const TIERS = ['low', 'medium', 'high', 'shock'] as const;
export type Tier = (typeof TIERS)[number];

export const LEVELS = ['foundation', 'developing', 'trained', 'advanced'] as const;
export type Level = (typeof LEVELS)[number];

export const PHASES = [
  'transition',
  'general',
  'specific',
  'pre-season',
  'in-season',
  'congested',
  'peak',
  'return',
] as const;
export type Phase = (typeof PHASES)[number];

/** A squad trains in one of these; `return` is an athlete's own and needs a clearance. */
export const SQUAD_PHASES = PHASES.filter((phase) => phase !== 'return');

export const DOSE_UNITS = ['reps', 'seconds', 'metres', 'minutes', 'breaths', 'laps'] as const;
export type DoseUnit = (typeof DOSE_UNITS)[number];

export const TESTS = [
  'R1',
  'R2',
  'R3',
  'R4',
  'R5',
  'R6',
  'C1',
  'C2',
  'C3',
  'C4',
  'C5',
  'C6',
  'C7',
  'K1',
  'K2',
  'K3',
  'K4',
  'calf-straight',
  'calf-bent',
  'squeeze',
  'bridge-hold',
] as const;
export type TestId = (typeof TESTS)[number];

export const SIDES = ['left', 'right', 'both'] as const;
export type Side = (typeof SIDES)[number];

/** Whether `tier` lies above `limit`. */
export const isTierAbove = (tier: Tier, limit: Tier): boolean => TIERS.indexOf(tier) > TIERS.indexOf(limit);

/** Whether `level` reaches `needed`. */
export const isLevelAtLeast = (level: Level, needed: Level): boolean => LEVELS.indexOf(level) >= LEVELS.indexOf(needed);
