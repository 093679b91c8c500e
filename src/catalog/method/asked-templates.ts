import type { AskedKind, MethodTables, Slot } from '$core/method';
import { SPORT } from './quotas';
import {
  ACTIVATE,
  CALF,
  COOL,
  FINISHER,
  from,
  grouped,
  GUARD_WITHOUT_LOWERING,
  JUMP,
  LANDING,
  MAIN,
  MOBILISE,
  MOBILISE_WALKING,
  NEGLECTED,
  POWER,
  PULL,
  PUSH,
  RAISE_ACROSS,
  RAISE_AHEAD,
  RAISE_BACK,
  REHEARSE,
  SECOND_GUARD,
  SIDE,
  SINGLE,
  slot,
  SPARE,
  THROW,
  TRUNK,
} from './slots';

/** A kind of session that a coach may ask for by name. */
export const byName = (about: string, over: Partial<AskedKind> = {}): AskedKind => ({
  about,
  kit: null,
  brought: false,
  loads: null,
  groupable: false,
  atLeast: null,
  jumpRest: null,
  ...over,
});

const WARM = grouped(
  'P',
  RAISE_ACROSS,
  RAISE_BACK,
  from(40, RAISE_AHEAD),
  MOBILISE,
  from(40, MOBILISE_WALKING),
  ACTIVATE,
  REHEARSE,
);
const WARM_TO_JUMP = [...WARM, { ...LANDING, group: 'P' }];
const WARM_TO_RUN = grouped('P', RAISE_ACROSS, RAISE_BACK, RAISE_AHEAD, MOBILISE_WALKING, ACTIVATE, LANDING);
const DOWN: Slot = { ...COOL, optional: false };

/** A slot as it is always done: rounds of reps or seconds, with this rest. */
const always = (sets: number, amount: number, restSeconds: number | null, one: Slot): Slot => ({
  ...one,
  fixed: { sets, amount, restSeconds },
});
const jump = (id: string, directions: Slot['directions'], over: Partial<Slot> = {}): Slot => ({
  ...JUMP,
  id,
  directions,
  ...over,
});
const work = (id: string, families: Slot['families'], patterns: string[], over: Partial<Slot> = {}): Slot =>
  slot(id, 'assist', { families, patterns, rows: ['D-ASST'], worth: 9000, ...over });

/** Eight lifts in turn, eight reps each, three rounds. */
const round = (one: Slot): Slot => always(3, 8, 30, { ...one, block: 'main' });
const KEEPS: Slot['rows'] = ['D-MAINT', 'D-ASST'];
const CIRCUIT = grouped(
  'A',
  round(work('round-squat', ['squat'], [], { rows: KEEPS, optional: false })),
  round(work('round-push', ['upper-push'], [])),
  round(
    work('round-hinge', ['hinge'], ['hinge-rdl', 'hinge-rdl-bells', 'hinge-landmine', 'hinge-thrust'], { rows: KEEPS }),
  ),
  round(work('round-pull', ['upper-pull'], [])),
  round(work('round-single', ['single-leg-knee'], [])),
  round(
    work('round-trunk', ['trunk'], ['dead-bug', 'rollout', 'chop-lift', 'anti-rotation-press'], { rows: ['D-TRK'] }),
  ),
  round(work('round-groin', ['lateral'], ['lateral-squat', 'lateral-lunge', 'adductor-slide', 'adductor-pull'])),
  round(work('round-calf', ['calf-foot'], ['calf-straight-one', 'calf-bent', 'calf-straight-two'])),
);

/** Thirty seconds of work, thirty of rest, three rounds. One of its stations lands, so that the day's contacts hold. */
const halfMinutes = (one: Slot): Slot => ({
  ...one,
  block: 'jumps',
  worth: 9000,
  fixed: { sets: 3, amount: 30, restSeconds: 30, unit: 'seconds' },
});
const DENSE = grouped(
  'J',
  halfMinutes({ ...JUMP, id: 'dense-feet', patterns: ['pogo', 'rope'], rows: ['D-SKILL', 'D-FAST'], maxTier: 'low' }),
  halfMinutes(work('dense-squat', ['squat'], ['squat-free', 'squat-band'], { rows: ['D-END', 'D-ASST'] })),
  halfMinutes(work('dense-hold', ['trunk'], ['plank', 'side-plank', 'plank-drag', 'hollow-hold'], { rows: ['D-TRK'] })),
  halfMinutes(
    work('dense-lunge', ['single-leg-knee'], ['split-squat', 'lunge-reverse'], { rows: ['D-END', 'D-ASST'] }),
  ),
);

const LANDMINE_RISES: Slot['rows'] = ['D-STR', 'D-ASST'];
const LANDMINE = [
  ...grouped(
    'A',
    always(4, 6, 60, work('mine-squat', ['squat'], [], { block: 'main', rows: LANDMINE_RISES, optional: false })),
    always(4, 8, 60, work('mine-hinge', ['hinge'], [], { block: 'main', rows: LANDMINE_RISES })),
  ),
  ...grouped(
    'B',
    always(
      3,
      8,
      45,
      work('mine-lunge', ['single-leg-knee'], ['lunge-reverse', 'split-squat'], { block: 'single-leg', worth: 25000 }),
    ),
    always(3, 6, 45, work('mine-turn', ['trunk'], [], { block: 'single-leg', rows: ['D-TRK'] })),
  ),
  ...grouped(
    'C',
    always(3, 8, 45, work('mine-row', ['upper-pull'], [])),
    always(3, 4, 60, work('mine-jerk', ['olympic'], ['press-fast', 'press-rotational'], { rows: ['D-BAL', 'D-POW'] })),
  ),
  always(3, 4, 90, work('mine-jump', ['olympic'], ['loaded-jump'], { block: 'power', rows: ['D-BAL'], worth: 4000 })),
  from(45, work('mine-press', ['upper-push'], [])),
  from(45, work('mine-side', ['lateral', 'single-leg-hip'], [])),
];

const BELLS = [
  ...grouped(
    'A',
    work('bell-squat', ['squat'], [], { block: 'main', rows: ['D-STR', 'D-ASST'], optional: false }),
    work('bell-press', ['upper-push'], [], { block: 'main' }),
  ),
  ...grouped(
    'B',
    work('bell-hinge', ['hinge'], ['hinge-rdl-bells'], { block: 'main', rows: ['D-STR', 'D-ASST'] }),
    work('bell-pull', ['upper-pull'], [], { block: 'main' }),
  ),
  ...grouped('C', work('bell-knee', ['single-leg-knee'], []), work('bell-hip', ['single-leg-hip'], [])),
  work('bell-fast', ['olympic', 'hinge'], ['snatch-one-arm', 'loaded-jump', 'hinge-swing'], {
    block: 'power',
    rows: ['D-BAL', 'D-POW'],
  }),
  from(40, work('bell-carry', ['carry-sled'], [], { rows: ['D-SLED'], block: 'finisher' })),
];

/** Nobody carries anything: what a whole group does on a call, or an athlete at home. */
const own = (prefix: string): Slot[] => [
  jump(`${prefix}-jump-1`, ['vertical']),
  from(30, jump(`${prefix}-jump-2`, ['horizontal', 'lateral'], { worth: 8000 })),
  ...grouped(
    'A',
    { ...SINGLE, id: `${prefix}-knee`, families: ['single-leg-knee', 'squat'], optional: false },
    { ...TRUNK, id: `${prefix}-trunk`, block: 'single-leg' },
  ),
  ...grouped(
    'B',
    work(`${prefix}-hip`, ['single-leg-hip', 'hinge'], [], { worth: 20000 }),
    work(`${prefix}-push`, ['upper-push'], []),
  ),
  ...grouped(
    'C',
    work(`${prefix}-groin`, ['lateral'], [], { rows: ['D-ASST', 'D-ISO', 'D-STAB'] }),
    work(`${prefix}-pull`, ['upper-pull'], []),
    { ...CALF, id: `${prefix}-calf` },
  ),
  from(40, { ...SIDE, id: `${prefix}-side` }),
  from(40, work(`${prefix}-flexor`, ['hip-flexor'], [], { rows: ['D-ASST', 'D-ISO'], worth: 4000 })),
];

/**
 * Sessions a coach asks for by name (SEL-7): each has slots of its own, stands apart from what runs from week to week, and
 * gives way to a day that an event protects.
 */
export const ASKED_TEMPLATES: MethodTables['templates'] = {
  jumps: {
    name: 'jumps',
    asked: byName('Landings first, then jumps up, along and aside, up to the day’s contacts.'),
    minutes: [20, 75],
    loading: true,
    slots: [
      ...WARM_TO_JUMP,
      slot('jumps-land', 'jumps', { families: ['jump'], rows: ['D-LAND'], qualities: ['landing'], worth: 12000 }),
      jump('jumps-up', ['vertical'], { qualities: ['slow-ssc', 'landing'] }),
      jump('jumps-along', ['horizontal']),
      from(30, jump('jumps-aside', ['lateral'], { families: ['jump', 'lateral'] })),
      from(30, jump('jumps-fast', [], { rows: ['D-FAST', 'D-SKILL'], qualities: ['fast-ssc', 'skill'], worth: 9000 })),
      from(40, jump('jumps-more', [], { worth: 4000 })),
      ...grouped('C', { ...TRUNK, id: 'jumps-trunk', block: 'assist' }, from(30, { ...CALF, id: 'jumps-calf' })),
      from(50, { ...NEGLECTED, id: 'jumps-flexor' }),
      from(50, { ...SPARE, id: 'jumps-loosen' }),
      DOWN,
    ],
    quotas: SPORT,
  },
  'jumps-dense': {
    name: 'jumps in rounds of 30 s',
    asked: byName('Light feet for conditioning: 30 seconds on, 30 off, three rounds.', {
      jumpRest: 'dense',
      loads: ['bodyweight'],
    }),
    minutes: [20, 45],
    loading: false,
    slots: [...WARM_TO_JUMP, ...DENSE, { ...TRUNK, id: 'dense-trunk', block: 'assist' }, DOWN],
    quotas: [],
  },
  'jumps-ready': {
    name: 'jumps when ready',
    asked: byName('Few jumps at full height: go again when ready, stop after two that fall short.', {
      jumpRest: 'self-paced',
    }),
    minutes: [20, 60],
    loading: false,
    slots: [
      ...WARM_TO_JUMP,
      jump('ready-up', ['vertical'], { rows: ['D-SLOW'], optional: false }),
      jump('ready-along', ['horizontal'], { rows: ['D-SLOW'] }),
      from(40, jump('ready-more', ['vertical', 'lateral'], { rows: ['D-SLOW'], worth: 5000 })),
      ...grouped('C', { ...TRUNK, id: 'ready-trunk', block: 'assist' }, { ...CALF, id: 'ready-calf' }),
      DOWN,
    ],
    quotas: [],
  },
  circuit: {
    name: 'circuit of eight',
    asked: byName('Keeps strength in season: eight lifts in turn, eight reps, three rounds.'),
    minutes: [30, 75],
    loading: false,
    slots: [...WARM, ...CIRCUIT, DOWN],
    quotas: [],
  },
  'heavy-hips': {
    name: 'heavy hips, 5 × 5',
    asked: byName('One hip-led lift, five sets of five, long rests; little beside it.', { atLeast: 'developing' }),
    minutes: [40, 90],
    loading: false,
    slots: [
      ...WARM,
      ...grouped(
        'A',
        always(5, 5, 180, {
          ...MAIN,
          families: ['hinge'],
          rows: ['D-MAX'],
          patterns: ['hinge-deadlift', 'hinge-trap-bar', 'hinge-rdl', 'hinge-thrust'],
        }),
        { ...TRUNK, id: 'heavy-trunk' },
      ),
      ...grouped('B', { ...SINGLE, id: 'heavy-knee', families: ['single-leg-knee'] }, { ...PULL, id: 'heavy-pull' }),
      ...grouped('C', { ...SECOND_GUARD, id: 'heavy-guard' }, { ...CALF, id: 'heavy-calf' }),
      DOWN,
    ],
    quotas: [],
  },
  'power-first': {
    name: 'power before strength',
    asked: byName('Fast lifts and throws while fresh, then one strong lift.'),
    minutes: [45, 90],
    loading: true,
    slots: [
      ...WARM_TO_JUMP,
      { ...JUMP, id: 'first-jump' },
      ...grouped(
        'W',
        { ...POWER, id: 'first-power', rows: ['D-POW', 'D-BAL'], optional: false },
        { ...THROW, id: 'first-throw', rows: ['D-BAL'], worth: 9000 },
      ),
      from(60, { ...POWER, id: 'first-second', rows: ['D-BAL', 'D-POW'], worth: 9000 }),
      ...grouped('A', MAIN, { ...TRUNK, id: 'first-trunk' }),
      ...grouped('B', { ...SINGLE, id: 'first-single' }, { ...PULL, id: 'first-pull' }),
      ...grouped('C', { ...GUARD_WITHOUT_LOWERING, id: 'first-guard', roles: [] }, { ...CALF, id: 'first-calf' }),
      from(60, { ...SPARE, id: 'first-loosen' }),
      DOWN,
    ],
    quotas: [],
  },
  contrast: {
    name: 'heavy lift and jump in turn',
    asked: byName('Each strong set is followed by a jump that goes the same way.', { atLeast: 'trained' }),
    minutes: [45, 90],
    loading: true,
    slots: [
      ...WARM_TO_JUMP,
      ...grouped(
        'A',
        { ...MAIN, families: ['squat'], rows: ['D-MAX', 'D-MAINT'] },
        jump('contrast-up', ['vertical'], { block: 'main', rows: ['D-SLOW', 'D-FAST'] }),
      ),
      ...grouped(
        'B',
        { ...MAIN, id: 'contrast-hip', optional: true, families: ['hinge'], rows: ['D-MAX', 'D-MAINT'], worth: 30000 },
        jump('contrast-along', ['horizontal'], { block: 'main', rows: ['D-SLOW'] }),
      ),
      ...grouped(
        'C',
        { ...PUSH, id: 'contrast-push', block: 'assist' },
        { ...THROW, id: 'contrast-throw', block: 'assist', rows: ['D-BAL'] },
      ),
      ...grouped('D', { ...SINGLE, id: 'contrast-single' }, { ...TRUNK, id: 'contrast-trunk', block: 'single-leg' }),
      from(60, { ...CALF, id: 'contrast-calf' }),
      DOWN,
    ],
    quotas: [],
  },
  'one-landmine': {
    name: 'one landmine',
    asked: byName('Pairs that share one load, nothing else: squat and hinge, lunge and turn, row and jerk.', {
      kit: ['landmine'],
      loads: ['landmine'],
    }),
    minutes: [20, 60],
    loading: true,
    slots: [...grouped('P', RAISE_ACROSS, RAISE_BACK, MOBILISE, REHEARSE), ...LANDMINE],
    quotas: [],
  },
  bells: {
    name: 'bells only',
    asked: byName('Dumbbells and kettlebells, no rack and no bar.', {
      kit: ['dumbbell', 'kettlebell'],
      loads: ['dumbbell', 'kettlebell'],
    }),
    minutes: [20, 60],
    loading: true,
    slots: [...WARM, ...BELLS, DOWN],
    quotas: [],
  },
  home: {
    name: 'at home',
    asked: byName('A band and a floor: for the days when nobody gets to the gym.', {
      kit: ['band', 'wall', 'mat'],
      brought: true,
      loads: ['bodyweight', 'band'],
    }),
    minutes: [15, 60],
    loading: true,
    slots: [...grouped('P', MOBILISE, ACTIVATE, REHEARSE), ...own('home'), DOWN],
    quotas: [],
  },
  whistle: {
    name: 'on the whistle',
    asked: byName('Forty at once, no weights: everybody goes on your call.', {
      kit: ['mat', 'wall'],
      loads: ['bodyweight'],
      groupable: true,
    }),
    minutes: [15, 60],
    loading: true,
    slots: [...WARM_TO_JUMP, ...own('call'), DOWN],
    quotas: [],
  },
  hamstrings: {
    name: 'hamstrings',
    asked: byName('From a slow hinge over the bridge to lowering, then fast.'),
    minutes: [30, 75],
    loading: false,
    slots: [
      ...WARM_TO_RUN,
      {
        ...work('ham-slow', ['hinge'], ['hinge-rdl', 'hinge-rdl-bells', 'hinge-landmine'], {
          block: 'main',
          worth: 40000,
        }),
        fixed: { sets: 3, amount: 6, restSeconds: 90, tempo: '4 down' },
      },
      ...grouped(
        'B',
        work('ham-bridge', ['hinge'], ['hinge-straight-bridge', 'hinge-heel-bridge', 'hinge-curl'], {
          rows: ['D-ASST', 'D-ISO'],
        }),
        { ...TRUNK, id: 'ham-trunk', block: 'assist' },
      ),
      work('ham-single', ['single-leg-hip'], [], { block: 'single-leg' }),
      work('ham-lower', ['hinge'], ['hinge-nordic'], { rows: ['D-ECC'] }),
      work('ham-fast', ['hinge', 'olympic', 'jump'], ['hinge-swing', 'skip', 'march-skip'], {
        block: 'power',
        rows: ['D-BAL', 'D-FAST', 'D-SKILL'],
      }),
      { ...CALF, id: 'ham-calf' },
      DOWN,
    ],
    quotas: [],
  },
  hips: {
    name: 'hips and hip flexors',
    asked: byName('What drives the thigh back and what lifts it, slow and then fast.'),
    minutes: [30, 75],
    loading: false,
    slots: [
      ...WARM_TO_RUN,
      ...grouped(
        'A',
        {
          ...MAIN,
          id: 'hips-thrust',
          families: ['hinge'],
          patterns: ['hinge-thrust', 'hinge-bridge'],
          rows: ['D-STR', 'D-ASST'],
          main: false,
        },
        work('hips-lift', ['hip-flexor'], ['flexor-supported', 'flexor-hanging', 'flexor-hold', 'flexor-march'], {
          block: 'main',
          rows: ['D-ASST', 'D-ISO'],
        }),
      ),
      ...grouped(
        'B',
        work('hips-single', ['single-leg-hip'], [], { block: 'single-leg' }),
        work('hips-groin', ['lateral'], [], { block: 'single-leg', rows: ['D-ASST', 'D-ISO'] }),
      ),
      ...grouped(
        'C',
        work('hips-fast-back', ['hinge', 'olympic'], ['hinge-swing', 'ball-throw-scoop', 'ball-slam'], {
          block: 'power',
          rows: ['D-BAL'],
        }),
        work('hips-fast-lift', ['hip-flexor'], ['flexor-stride', 'flexor-drive', 'flexor-supported'], {
          block: 'power',
          rows: ['D-SKILL', 'D-BAL', 'D-FAST'],
        }),
      ),
      { ...TRUNK, id: 'hips-trunk', block: 'assist' },
      from(50, FINISHER),
      DOWN,
    ],
    quotas: [],
  },
};
