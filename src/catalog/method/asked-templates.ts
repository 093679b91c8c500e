import type { AskedKind, MethodTables } from '$core/method';
import {
  WARM,
  WARM_TO_JUMP,
  WARM_TO_RUN,
  DOWN,
  always,
  jump,
  work,
  CIRCUIT,
  DENSE,
  LANDMINE,
  BELLS,
  own,
} from './asked-slots';
import { SPORT } from './quotas';
import {
  ACTIVATE,
  CALF,
  FINISHER,
  from,
  grouped,
  GUARD_WITHOUT_LOWERING,
  JUMP,
  MAIN,
  MOBILISE,
  NEGLECTED,
  POWER,
  PULL,
  PUSH,
  RAISE_ACROSS,
  RAISE_BACK,
  REHEARSE,
  SECOND_GUARD,
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
    // a quarter of an hour is for getting warm and for work
    slots: [...grouped('P', MOBILISE, ACTIVATE, REHEARSE), ...own('home'), from(20, DOWN)],
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
