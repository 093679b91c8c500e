import type { MethodTables, Quota, Slot, Template } from '$core/method';

const slot = (id: string, block: string, over: Partial<Slot>): Slot => ({
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
const grouped = (group: string, ...slots: Slot[]): Slot[] => slots.map((one) => ({ ...one, group }));
const from = (minutes: number, one: Slot): Slot => ({ ...one, from: minutes });

/** Prep in the five parts of ORD-5, one drill each; what it holds varies from session to session (BLOCK-4). */
const drill = (id: string, over: Partial<Slot>): Slot =>
  slot(id, 'prep', { cap: { sets: 1, amount: 1000 }, worth: 30000, ...over });
const RAISE_ACROSS = drill('prep-raise-across', {
  families: ['locomotion'],
  patterns: ['shuffle-travel', 'cross-travel', 'crawl', 'inchworm'],
});
const RAISE_BACK = drill('prep-raise-back', { families: ['locomotion'], patterns: ['backward-travel', 'crawl'] });
const RAISE_AHEAD = drill('prep-raise-ahead', {
  families: ['locomotion', 'jump'],
  patterns: ['march-skip', 'run-drill', 'travel-series', 'skip'],
});
const MOBILISE = drill('prep-mobilise', {
  families: ['mobility'],
  qualities: ['mobility'],
  rows: ['D-MOB'],
});
const MOBILISE_WALKING = drill('prep-mobilise-walking', {
  families: ['locomotion'],
  patterns: ['knee-hug', 'leg-cradle', 'quad-pull', 'inchworm'],
});
const ACTIVATE = drill('prep-activate', {
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
const REHEARSE = drill('prep-rehearse', {
  families: ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip'],
  patterns: ['squat-free', 'squat-depth', 'hinge-drill', 'split-squat', 'single-reach', 'single-hinge-guided'],
});
const LANDING = drill('prep-landing', {
  families: ['jump'],
  qualities: ['landing', 'skill'],
  patterns: ['snap-down', 'step-stick', 'lean-catch', 'rise'],
  maxTier: 'low',
  cap: { sets: 1, amount: 4 },
});
const PREP = grouped(
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

const JUMP = slot('jump-1', 'jumps', { families: ['jump'], rows: 'jump', worth: 15000 });
const SECOND_JUMP = slot('jump-2', 'jumps', {
  families: ['jump', 'lateral', 'agility'],
  qualities: ['slow-ssc', 'fast-ssc', 'landing', 'skill'],
  rows: 'jump',
  worth: 8000,
});
const THIRD_JUMP = { ...SECOND_JUMP, id: 'jump-3', worth: 4000 };
const POWER = slot('power', 'power', {
  families: ['olympic'],
  qualities: ['power'],
  rows: 'power',
  worth: 60000,
});
const THROW = slot('throw', 'power', {
  families: ['olympic'],
  patterns: ['ball-throw', 'ball-throw-side', 'ball-throw-scoop', 'ball-throw-overhead', 'ball-slam'],
  qualities: ['power'],
  rows: 'power',
  worth: 6000,
});
const MAIN = slot('main', 'main', {
  families: ['squat', 'hinge'],
  qualities: ['structure', 'max-strength'],
  rows: 'strength',
  main: true,
  optional: false,
});
const SECOND_MAIN = { ...MAIN, id: 'main-2', optional: true, setsLess: 1, worth: 15000 };
const TRUNK = slot('main-trunk', 'main', { families: ['trunk'], rows: ['D-TRK'], worth: 6000 });
const SINGLE = slot('single-leg', 'single-leg', {
  families: ['single-leg-knee', 'single-leg-hip'],
  rows: ['D-ASST'],
  spareRows: ['D-STAB'],
  worth: 25000,
});
const PUSH = slot('upper-push', 'single-leg', { families: ['upper-push'], rows: ['D-ASST'], worth: 8000 });
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
  roles: ['whole', 'A', 'A2'],
  worth: 12000,
});
/** Slow lowering leaves the most behind: once or twice a week is enough, the other days guard without it. */
const GUARD_WITHOUT_LOWERING: Slot = {
  ...GUARD,
  rows: ['D-ISO', 'D-ASST', 'D-STAB', 'D-TRK'],
  roles: ['B', 'C', 'B2'],
};
const PULL = slot('upper-pull', 'assist', { families: ['upper-pull'], rows: ['D-ASST'], worth: 10000 });
const CALF = slot('calf', 'assist', { families: ['calf-foot'], rows: ['D-ASST', 'D-ISO'], worth: 7000 });
const SECOND_GUARD: Slot = {
  ...GUARD_WITHOUT_LOWERING,
  id: 'guard-2',
  families: ['hinge', 'lateral', 'calf-foot', 'hip-flexor', 'trunk', 'upper-pull', 'carry-sled'],
  roles: [],
  worth: 3000,
};
const NEGLECTED = slot('neglected', 'assist', {
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
const SIDE = slot('trunk-side', 'assist', { families: ['trunk'], rows: ['D-TRK'], worth: 1000 });
const UPPER = slot('upper-second', 'assist', { families: ['upper-push', 'upper-pull'], rows: ['D-ASST'], worth: 1500 });
const SECOND_SINGLE: Slot = { ...SINGLE, id: 'single-leg-2', worth: 2000 };
const FINISHER = slot('finisher', 'finisher', {
  families: ['conditioning', 'carry-sled'],
  rows: ['D-SLED', 'D-COND'],
  phases: ['general', 'specific', 'pre-season'],
  worth: 1000,
});
/** On a day that a near event protects hips and ankles get the minutes that the legs do not. */
const EASY = slot('mobility-1', 'mobility', {
  families: ['mobility'],
  qualities: ['mobility'],
  rows: ['D-MOB'],
  days: 'quiet',
  worth: 500,
});
/** What is left of a long session's minutes when nothing that loads may be added. */
const SPARE: Slot = { ...EASY, id: 'mobility-3', days: 'any', worth: 200 };
const COOL = slot('cool-down', 'cool-down', { families: ['mobility'], patterns: ['cool-down'], rows: ['D-COOL'] });

const quota = (id: string, over: Partial<Quota>): Quota => ({
  id,
  families: [],
  singleLeg: false,
  patterns: [],
  only: null,
  asked: null,
  from: 0,
  ...over,
});
const LEGS: Template['quotas'] = [
  quota('knee', { families: ['squat', 'single-leg-knee'] }),
  quota('hip', { families: ['hinge', 'single-leg-hip'] }),
  quota('single', { singleLeg: true }),
  quota('jump', { families: ['jump'] }),
];
/** What a sport cannot be without on a card that has the time. */
const SPORT: Template['quotas'] = [
  quota('height', {
    families: ['jump'],
    only: 'height',
    asked: { demands: ['vertical-jump-two-foot', 'vertical-jump-one-foot'], from: 3 },
  }),
  quota('lateral', {
    families: ['lateral', 'jump', 'agility'],
    only: 'frontal',
    asked: { demands: ['lateral-push', 'deceleration-cutting'], from: 3 },
  }),
  quota('throw', { patterns: THROW.patterns, asked: { demands: ['overhead', 'rotation'], from: 4 }, from: 50 }),
];

/**
 * Session templates (SEL-7): slots with the phases and roles they serve, the minutes from which they open and what being
 * filled is worth. Prep and main are hard, the rest optional; quotas are soft.
 */
export const TEMPLATES: MethodTables['templates'] = {
  full: {
    name: 'full session',
    minutes: [45, 180],
    loading: true,
    slots: [
      ...PREP,
      JUMP,
      SECOND_JUMP,
      from(60, THIRD_JUMP),
      ...grouped('W', POWER, from(50, THROW)),
      ...grouped('A', MAIN, TRUNK),
      ...grouped('S', from(75, SECOND_MAIN)),
      ...grouped('B', SINGLE, PUSH),
      ...grouped('C', GUARD, GUARD_WITHOUT_LOWERING, PULL, CALF),
      ...grouped('D', from(60, SECOND_GUARD), from(60, NEGLECTED), from(60, SIDE)),
      ...grouped('E', from(75, SECOND_SINGLE), from(60, UPPER)),
      from(60, FINISHER),
      from(85, { ...SECOND_GUARD, id: 'guard-3', worth: 1000 }),
      ...grouped('M', EASY, { ...EASY, id: 'mobility-2' }, from(60, SPARE), from(60, { ...SPARE, id: 'mobility-4' })),
      { ...COOL, optional: false },
    ],
    quotas: [...LEGS, ...SPORT],
  },
  short: {
    name: 'short session',
    minutes: [25, 44],
    loading: true,
    slots: [
      ...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE, REHEARSE, LANDING),
      JUMP,
      from(35, POWER),
      ...grouped('A', MAIN, TRUNK),
      ...grouped('B', SINGLE, PULL),
      ...grouped('C', SECOND_GUARD, CALF, { ...PUSH, block: 'assist' }),
      from(30, SIDE),
    ],
    quotas: LEGS,
  },
  micro: {
    name: 'micro-dose',
    minutes: [10, 24],
    loading: true,
    slots: [
      ...grouped('P', RAISE_ACROSS, from(15, MOBILISE), REHEARSE),
      ...grouped('A', { ...MAIN, rows: ['D-MICRO', 'D-ASST'] }, TRUNK),
      ...grouped('B', SINGLE, SECOND_GUARD),
      from(15, CALF),
    ],
    quotas: [],
  },
  primer: {
    name: 'primer',
    minutes: [10, 180],
    loading: false,
    slots: [
      ...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE, from(20, ACTIVATE), REHEARSE),
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
    loading: false,
    slots: [
      ...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE_WALKING, ACTIVATE),
      ...grouped(
        'M',
        { ...EASY, days: 'any' },
        { ...EASY, id: 'mobility-2', days: 'any' },
        from(20, { ...EASY, id: 'mobility-3', days: 'any' }),
        from(25, { ...EASY, id: 'mobility-4', days: 'any' }),
      ),
      ...grouped(
        'C',
        slot('easy-shoulders', 'assist', { families: ['upper-pull'], qualities: ['stability'], rows: ['D-STAB'] }),
        slot('easy-feet', 'assist', { families: ['calf-foot'], qualities: ['stability'], rows: ['D-STAB'] }),
        from(
          25,
          slot('easy-trunk', 'assist', { families: ['trunk'], patterns: ['dead-bug', 'bird-dog'], rows: ['D-TRK'] }),
        ),
      ),
      { ...COOL, optional: false },
    ],
    quotas: [],
  },
};
