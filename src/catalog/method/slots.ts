import type { Slot } from '$core/method';

export const slot = (id: string, block: string, over: Partial<Slot>): Slot => ({
  id,
  block,
  group: null,
  families: [],
  patterns: [],
  qualities: [],
  rows: ['D-PREP'],
  maxTier: null,
  spareRows: [],
  directions: [],
  guard: false,
  main: false,
  phases: [],
  roles: [],
  from: 0,
  days: 'any',
  worth: 0,
  cap: null,
  optional: true,
  ...over,
});
export const grouped = (group: string, ...slots: Slot[]): Slot[] => slots.map((one) => ({ ...one, group }));
export const from = (minutes: number, one: Slot): Slot => ({ ...one, from: minutes });

/** Prep in the five parts of ORD-5, one drill each; what it holds varies from session to session (BLOCK-4). */
export const drill = (id: string, over: Partial<Slot>): Slot =>
  slot(id, 'prep', { cap: { sets: 1, amount: 1000 }, worth: 38000, ...over });
export const RAISE_ACROSS = drill('prep-raise-across', {
  families: ['locomotion'],
  patterns: ['shuffle-travel', 'cross-travel', 'crawl', 'inchworm'],
});
export const RAISE_BACK = drill('prep-raise-back', {
  families: ['locomotion'],
  patterns: ['backward-travel', 'crawl'],
});
export const RAISE_AHEAD = drill('prep-raise-ahead', {
  families: ['locomotion', 'jump'],
  patterns: ['march-skip', 'run-drill', 'travel-series', 'skip'],
});
export const MOBILISE = drill('prep-mobilise', {
  families: ['mobility'],
  qualities: ['mobility'],
  rows: ['D-MOB'],
});
export const MOBILISE_WALKING = drill('prep-mobilise-walking', {
  families: ['locomotion'],
  patterns: ['knee-hug', 'leg-cradle', 'quad-pull', 'inchworm'],
});
export const ACTIVATE = drill('prep-activate', {
  families: ['lateral', 'single-leg-hip', 'hinge', 'trunk', 'calf-foot', 'hip-flexor', 'upper-pull'],
  patterns: [
    'band-walk',
    'bridge-single',
    'hinge-bridge',
    'hip-extension-standing',
    'bird-dog',
    'foot-arch',
    'flexor-march',
    'flexor-hold',
    'lunge-clock',
    'shoulder-turn',
    'ankle-fast',
  ],
});
export const REHEARSE = drill('prep-rehearse', {
  families: ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip'],
  patterns: ['squat-free', 'squat-depth', 'hinge-drill', 'split-squat', 'single-reach', 'single-hinge-guided'],
});
export const LANDING = drill('prep-landing', {
  families: ['jump'],
  qualities: ['landing', 'skill'],
  patterns: ['snap-down', 'step-stick', 'lean-catch', 'rise'],
  maxTier: 'low',
  cap: { sets: 1, amount: 4 },
});
export const PREP = grouped(
  'P',
  RAISE_ACROSS,
  RAISE_BACK,
  from(50, RAISE_AHEAD),
  MOBILISE,
  from(50, MOBILISE_WALKING),
  ACTIVATE,
  REHEARSE,
  LANDING,
);

export const JUMP = slot('jump-1', 'jumps', { families: ['jump'], rows: 'jump', worth: 15000 });
export const SECOND_JUMP = slot('jump-2', 'jumps', {
  families: ['jump', 'lateral', 'agility'],
  qualities: ['slow-ssc', 'fast-ssc', 'landing', 'skill'],
  rows: 'jump',
  worth: 8000,
});
export const THIRD_JUMP = { ...SECOND_JUMP, id: 'jump-3', worth: 4000 };
export const POWER = slot('power', 'power', {
  families: ['olympic'],
  qualities: ['power'],
  rows: 'power',
  worth: 150000,
});
export const THROW = slot('throw', 'power', {
  families: ['olympic'],
  patterns: ['ball-throw', 'ball-throw-side', 'ball-throw-scoop', 'ball-throw-overhead', 'ball-slam'],
  qualities: ['power'],
  rows: 'power',
  worth: 6000,
});
export const MAIN = slot('main', 'main', {
  families: ['squat', 'hinge'],
  qualities: ['structure', 'max-strength'],
  rows: 'strength',
  main: true,
  optional: false,
});
export const SECOND_MAIN = { ...MAIN, id: 'main-2', optional: true, setsLess: 1, worth: 15000 };
export const TRUNK = slot('main-trunk', 'main', { families: ['trunk'], rows: ['D-TRK', 'D-PYR'], worth: 6000 });
export const SINGLE = slot('single-leg', 'single-leg', {
  families: ['single-leg-knee', 'single-leg-hip'],
  rows: ['D-ASST'],
  spareRows: ['D-STAB'],
  worth: 25000,
});
export const PUSH = slot('upper-push', 'single-leg', { families: ['upper-push'], rows: ['D-ASST'], worth: 14000 });
export const GUARD = slot('guard', 'assist', {
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
  roles: ['whole', 'A', 'A2'],
  worth: 12000,
});
/** Slow lowering leaves the most behind: once or twice a week is enough, the other days guard without it. */
export const GUARD_WITHOUT_LOWERING: Slot = {
  ...GUARD,
  rows: ['D-ISO', 'D-ASST', 'D-STAB', 'D-TRK'],
  roles: ['B', 'C', 'B2'],
};
/** Pulls that load the back and the arms; what turns and raises the shoulder guards it and is no pull (SEL-10). */
const PULLS = [
  'row-one-arm',
  'row-bent',
  'row-band',
  'row-landmine',
  'row-single-leg',
  'row-hanging',
  'pull-up',
  'pull-down',
];
export const PULL = slot('upper-pull', 'assist', {
  families: ['upper-pull'],
  patterns: PULLS,
  rows: ['D-ASST'],
  worth: 14000,
});
export const CALF = slot('calf', 'assist', { families: ['calf-foot'], rows: ['D-ASST', 'D-ISO'], worth: 12000 });
export const SECOND_GUARD: Slot = {
  ...GUARD_WITHOUT_LOWERING,
  id: 'guard-2',
  families: ['hinge', 'lateral', 'calf-foot', 'hip-flexor', 'trunk', 'upper-pull', 'carry-sled'],
  roles: [],
  worth: 3000,
};
export const NEGLECTED = slot('neglected', 'assist', {
  families: ['hip-flexor', 'lateral', 'calf-foot'],
  patterns: [
    'flexor-march',
    'flexor-drive',
    'flexor-supported',
    'flexor-hanging',
    'flexor-ball',
    'adductor-hold',
    'adductor-squeeze',
    'adductor-slide',
    'adductor-pull',
    'tibialis',
    'foot-arch',
    'calf-bent',
  ],
  rows: ['D-ASST', 'D-ISO', 'D-STAB'],
  worth: 2500,
});
/** Legs that push and stop sideways, for sports that do. */
export const SIDEWAYS = slot('sideways', 'assist', {
  families: ['lateral'],
  patterns: ['lateral-squat', 'lateral-lunge', 'band-walk'],
  rows: ['D-ASST', 'D-STAB'],
  worth: 500,
});
export const SIDE = slot('trunk-side', 'assist', { families: ['trunk'], rows: ['D-TRK'], worth: 1000 });
export const UPPER = slot('upper-second', 'assist', {
  families: ['upper-push', 'upper-pull'],
  patterns: [...PULLS, 'push-up', 'push-up-incline', 'bench-bar', 'bench-bells', 'overhead-press', 'landmine-press'],
  rows: ['D-ASST'],
  worth: 1500,
});
export const SECOND_SINGLE: Slot = { ...SINGLE, id: 'single-leg-2', worth: 2000 };
export const FINISHER = slot('finisher', 'finisher', {
  families: ['conditioning', 'carry-sled'],
  rows: ['D-SLED', 'D-COND'],
  phases: ['general', 'specific', 'pre-season'],
  worth: 1000,
});
/** On a day that a near event protects hips and ankles get the minutes that the legs do not. */
export const EASY = slot('mobility-1', 'mobility', {
  families: ['mobility'],
  qualities: ['mobility'],
  rows: ['D-MOB'],
  days: 'quiet',
  worth: 500,
});
/** What is left of a long session's minutes when nothing that loads may be added. */
export const SPARE: Slot = { ...EASY, id: 'mobility-3', days: 'any', worth: 200 };
export const COOL = slot('cool-down', 'cool-down', {
  families: ['mobility'],
  patterns: ['cool-down'],
  rows: ['D-COOL'],
});
