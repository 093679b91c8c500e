import type { MethodTables, Slot } from '$core/method';

const slot = (id: string, block: string, over: Partial<Slot>): Slot => ({
  id,
  block,
  group: null,
  families: [],
  patterns: [],
  qualities: [],
  rows: ['D-PREP'],
  maxTier: null,
  guard: false,
  main: false,
  cap: null,
  optional: true,
  ...over,
});

const TRAVEL = slot('prep-travel', 'prep', { families: ['locomotion'], rows: ['D-PREP'], optional: false });
const MOBILITY = slot('prep-mobility', 'prep', {
  families: ['mobility'],
  qualities: ['mobility'],
  rows: ['D-MOB'],
  optional: false,
});
const LANDING = slot('prep-landing', 'prep', {
  families: ['jump'],
  qualities: ['landing'],
  rows: ['D-LAND'],
  maxTier: 'low',
});
const JUMP = slot('jump-1', 'jumps', { families: ['jump'], rows: 'jump' });
const SECOND_JUMP = slot('jump-2', 'jumps', {
  families: ['jump', 'lateral', 'agility'],
  qualities: ['slow-ssc', 'fast-ssc', 'landing', 'skill'],
  rows: 'jump',
});
const MAIN = slot('main', 'main', {
  families: ['squat', 'hinge'],
  qualities: ['structure', 'max-strength'],
  rows: 'strength',
  main: true,
  optional: false,
});
const TRUNK = slot('main-trunk', 'main', { families: ['trunk'], rows: ['D-TRK'] });
const SINGLE = slot('single-leg', 'single-leg', {
  families: ['single-leg-knee', 'single-leg-hip'],
  rows: ['D-ASST', 'D-STAB'],
});
const PUSH = slot('upper-push', 'single-leg', { families: ['upper-push'], rows: ['D-ASST'] });
const GUARD = slot('guard', 'assist', {
  families: [
    'hinge',
    'single-leg-knee',
    'single-leg-hip',
    'lateral',
    'calf-foot',
    'hip-flexor',
    'trunk',
    'squat',
    'upper-pull',
    'carry-sled',
  ],
  rows: ['D-ECC', 'D-ISO', 'D-ASST', 'D-STAB', 'D-TRK'],
  guard: true,
});
const PULL = slot('upper-pull', 'assist', { families: ['upper-pull'], rows: ['D-ASST'] });
const CALF = slot('calf', 'assist', { families: ['calf-foot', 'hip-flexor'], rows: ['D-ASST', 'D-ISO', 'D-STAB'] });
const COOL = slot('cool-down', 'cool-down', { families: ['mobility'], patterns: ['cool-down'], rows: ['D-COOL'] });

const paired = (group: string, ...slots: Slot[]): Slot[] => slots.map((one) => ({ ...one, group }));

const LEGS: MethodTables['templates'][string]['quotas'] = [
  { id: 'knee', families: ['squat', 'single-leg-knee'], singleLeg: false },
  { id: 'hip', families: ['hinge', 'single-leg-hip'], singleLeg: false },
  { id: 'single', families: [], singleLeg: true },
  { id: 'jump', families: ['jump'], singleLeg: false },
];

/** Session templates (SEL-7). Prep and main are hard, the rest optional; quotas are soft. */
export const TEMPLATES: MethodTables['templates'] = {
  full: {
    name: 'full session',
    minutes: [45, 180],
    slots: [
      TRAVEL,
      MOBILITY,
      LANDING,
      JUMP,
      SECOND_JUMP,
      ...paired('A', MAIN, TRUNK),
      ...paired('B', SINGLE, PUSH),
      ...paired('C', GUARD, PULL, CALF),
      { ...COOL, optional: false },
    ],
    quotas: LEGS,
  },
  short: {
    name: 'short session',
    minutes: [25, 44],
    slots: [TRAVEL, MOBILITY, JUMP, ...paired('A', MAIN, TRUNK), SINGLE],
    quotas: LEGS,
  },
  micro: {
    name: 'micro-dose',
    minutes: [10, 24],
    slots: [TRAVEL, { ...MAIN, rows: ['D-MICRO', 'D-ASST'] }, GUARD],
    quotas: [],
  },
  primer: {
    name: 'primer',
    minutes: [10, 180],
    slots: [
      TRAVEL,
      MOBILITY,
      { ...JUMP, rows: ['D-SKILL', 'D-LAND', 'D-FAST', 'D-SLOW'] },
      slot('fast', 'main', {
        families: ['olympic', 'upper-push'],
        qualities: ['power'],
        rows: ['D-BAL', 'D-POW'],
        cap: { sets: 2, amount: 3 },
      }),
    ],
    quotas: [],
  },
  recovery: {
    name: 'recovery',
    minutes: [10, 180],
    slots: [TRAVEL, MOBILITY, { ...TRUNK, block: 'assist' }, COOL],
    quotas: [],
  },
};
