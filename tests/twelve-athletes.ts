import type { RecordSide } from '../src/core/testing';
import type { ChangeCode } from '../src/core/startline/card-changes';
import type { FocusId } from '../src/core/startline/focus';
import type { Lever } from '../src/core/startline/lever';
import type { TierState } from '../src/core/startline/outcomes';

/** A result as a coach would note it: test, value in the stored unit (a lift as [kg, reps]), side. */
type Noted = readonly [test: string, value: number | readonly [kg: number, reps: number], side?: RecordSide];

/** An invented athlete with the reading the method gives, written down before the code that reads it. */
export interface ReadingCase {
  readonly name: string;
  readonly bodyMassKg: number | null;
  readonly ageYears: number;
  readonly sport: string;
  readonly results: readonly Noted[];
  readonly complaint?: { readonly place: string; readonly score: number };
  /** recent training, sets a week by exercise */
  readonly training?: Readonly<Record<string, number>>;
  /** others of the squad with height and RSI, for the line of START-7 */
  readonly squadJumps?: boolean;
  readonly expected: {
    readonly tiers: readonly [range: TierState, control: TierState, force: TierState, skill: TierState];
    readonly limiting: 'range' | 'control' | 'force' | 'skill' | null;
    readonly focus: FocusId | null;
    readonly lever?: Lever | null;
    readonly next: string | null;
    readonly changes: readonly ChangeCode[];
  };
}

const BOTH = ['left', 'right'] as const;
const sides = (test: string, value: number): Noted[] => BOTH.map((side) => [test, value, side]);
const RANGE: Noted[] = [['R1', 1], ['R2', 1], ...sides('R4', 0.12)];
const CONTROL: Noted[] = ['C1', 'C2', 'C3', 'C4', 'C5', 'C6'].flatMap((id) => sides(id, 0));
const FORCE: Noted[] = [
  ['back-squat', [100, 5]],
  ['deadlift', [110, 5]],
  ...sides('calf-straight', 28),
  ...sides('calf-bent', 22),
];
const SKILL: Noted[] = [
  ['K1', 1],
  ['K2', 1],
  ['K3', 1],
];
const SOLID = [...RANGE, ...CONTROL, ...FORCE, ...SKILL];
const without = (results: readonly Noted[], ...tests: string[]): Noted[] =>
  results.filter(([test]) => !tests.includes(test));

/** All are 70 kg at team handball unless said: squat target 1.25 and hinge 1.5 ×BM, so 87.5 and 105 kg. */
const base = { bodyMassKg: 70, ageYears: 24, sport: 'team-handball' } as const;

export const TWELVE: readonly ReadingCase[] = [
  {
    ...base,
    name: 'never tested: everything unknown, the cheapest test first',
    results: [],
    expected: {
      tiers: ['unknown', 'unknown', 'unknown', 'unknown'],
      limiting: null,
      focus: null,
      lever: null,
      next: 'R1',
      changes: ['bottom_of_ranges', 'medium_tier_at_most', 'loads_by_reserve'],
    },
  },
  {
    ...base,
    name: 'a failed squat that passes on heels: ankle limited',
    results: [...without(SOLID, 'R2', 'R4'), ['R2', 0], ['R3', 1], ...sides('R4', 0.08)],
    expected: {
      tiers: ['failed', 'passed', 'passed', 'passed'],
      limiting: 'range',
      focus: 'range-ankle',
      next: null,
      changes: ['daily_drills', 'range_in_prep', 'above_at_maintenance'],
    },
  },
  {
    ...base,
    name: 'a failed squat no better on heels: hip limited, hip flexor to be looked at',
    results: [...without(SOLID, 'R2'), ['R2', 0], ['R3', 0]],
    expected: {
      tiers: ['failed', 'passed', 'passed', 'passed'],
      limiting: 'range',
      focus: 'range-hip',
      next: 'R6',
      changes: ['daily_drills', 'range_in_prep', 'above_at_maintenance'],
    },
  },
  {
    ...base,
    name: 'a failed squat, heels not tried: the heels settle it',
    results: [...without(SOLID, 'R2'), ['R2', 0]],
    expected: {
      tiers: ['failed', 'passed', 'passed', 'passed'],
      limiting: 'range',
      focus: 'range-hip',
      next: 'R3',
      changes: ['daily_drills', 'range_in_prep', 'above_at_maintenance'],
    },
  },
  {
    ...base,
    name: 'knee falls in on one leg: control limits, from the assisted squat',
    results: [...without(SOLID, 'C5'), ['C5', 2, 'left'], ['C5', 0, 'right']],
    expected: {
      tiers: ['passed', 'failed', 'passed', 'passed'],
      limiting: 'control',
      focus: 'control',
      next: null,
      changes: ['control_rung', 'above_at_maintenance'],
    },
  },
  {
    ...base,
    name: 'everything clean but the squat is weak: force limits',
    results: [...without(SOLID, 'back-squat'), ['back-squat', [70, 5]]],
    expected: {
      tiers: ['passed', 'passed', 'failed', 'passed'],
      limiting: 'force',
      focus: 'strength',
      next: null,
      changes: ['strength_first'],
    },
  },
  {
    ...base,
    name: 'strong enough but calves give out: calf strength first',
    results: [...without(SOLID, 'calf-straight'), ...sides('calf-straight', 19)],
    expected: {
      tiers: ['passed', 'passed', 'failed', 'passed'],
      limiting: 'force',
      focus: 'calf',
      next: null,
      changes: ['calf_first'],
    },
  },
  {
    ...base,
    name: 'the cut is not clean in a sport that cuts: skill limits',
    results: [...without(SOLID, 'K3'), ['K3', 0]],
    expected: {
      tiers: ['passed', 'passed', 'passed', 'failed'],
      limiting: 'skill',
      focus: 'cut',
      next: null,
      changes: ['skill_rung'],
    },
  },
  {
    ...base,
    name: 'every tier passed, little from the dip: slow stretch–shortening is the lever',
    results: [...SOLID, ['cmj', 0.36], ['sj', 0.355], ['rsi-10-5', 1.6], ['back-squat', [125, 5]]],
    squadJumps: true,
    expected: {
      tiers: ['passed', 'passed', 'passed', 'passed'],
      limiting: null,
      focus: 'slow-ssc',
      lever: 'slow-ssc',
      next: 'approach-one',
      changes: ['slow_jumps'],
    },
  },
  {
    ...base,
    name: 'every tier passed, slow on the floor for the jump: fast contacts',
    results: [...SOLID, ['cmj', 0.44], ['sj', 0.4], ['rsi-10-5', 1.1], ['back-squat', [125, 5]]],
    squadJumps: true,
    expected: {
      tiers: ['passed', 'passed', 'passed', 'passed'],
      limiting: null,
      focus: 'fast-ssc',
      lever: 'fast-ssc',
      next: 'approach-one',
      changes: ['fast_contacts'],
    },
  },
  {
    ...base,
    name: 'springy, above the target but not strong: strength stays the lever',
    results: [
      ...without(SOLID, 'back-squat'),
      ['back-squat', [85, 5]],
      ['cmj', 0.4],
      ['sj', 0.37],
      ['rsi-10-5', 1.75],
      ['approach-one', 0.6],
      ['approach-two', 0.45],
    ],
    squadJumps: true,
    expected: {
      tiers: ['passed', 'passed', 'passed', 'passed'],
      limiting: null,
      focus: 'strength',
      lever: 'strength',
      next: null,
      changes: ['strength_first', 'one_foot_jumps'],
    },
  },
  {
    ...base,
    name: 'hip-dominant history with a mild front-of-knee complaint: gentle knee work, low jumps',
    results: SOLID,
    complaint: { place: 'knee', score: 2 },
    training: { deadlift: 8, 'hip-thrust': 6, 'back-squat': 2 },
    expected: {
      tiers: ['passed', 'passed', 'passed', 'passed'],
      limiting: null,
      focus: 'gentle-knee',
      lever: null,
      next: null,
      changes: ['complaint_limits', 'gentle_knee'],
    },
  },
];

/** Ten squad mates on one line of RSI over height, with a little scatter (START-7). */
export const SQUAD_JUMPS: readonly (readonly [heightM: number, rsi: number])[] = [
  [0.3, 1.3],
  [0.32, 1.42],
  [0.34, 1.44],
  [0.36, 1.56],
  [0.38, 1.6],
  [0.4, 1.72],
  [0.42, 1.74],
  [0.44, 1.86],
  [0.46, 1.92],
  [0.48, 2.02],
];
