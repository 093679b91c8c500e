import type { Exercise, Level, Muscle } from '../library';
import { gaussian } from '../random';
import { GROUPS, type Group, type Spread, type VirtualParameters } from './parameters';

/** What an athlete is born with: hidden from every rule. */
export interface Traits {
  readonly level: Level;
  readonly jumpLevel: Level;
  /** true maxima at the start by reference lift, kg */
  readonly maximaKg: Readonly<Record<string, number>>;
  /** true jump height at the start, m */
  readonly jumpM: number;
  readonly talent: number;
  readonly recovery: number;
  readonly tolerance: number;
  readonly attendance: number;
  readonly answers: number;
  readonly honesty: number;
}

/** A virtual athlete on a day. Strength and jump are multiples of the start; the rest fades. */
export interface Body {
  readonly traits: Traits;
  readonly strength: Readonly<Record<Group, number>>;
  readonly jump: number;
  /** effective sets of the last week, fading, by group; weighted contacts beside them */
  readonly sets: Readonly<Record<Group, number>>;
  readonly contacts: number;
  readonly fatigue: number;
  /** fatigue an athlete is used to */
  readonly usual: number;
  readonly sore: Partial<Readonly<Record<Muscle, number>>>;
  /** sets a week each muscle is used to */
  readonly habit: Partial<Readonly<Record<Muscle, number>>>;
  readonly pain: { readonly place: string; readonly score: number } | null;
}

/** What is known of an athlete from outside when they are drawn. */
export interface Known {
  readonly liftLevel: Level;
  readonly jumpLevel: Level;
  readonly bodyMassKg: number | null;
  /** newest tested maxima by lift, kg */
  readonly testedKg: Readonly<Record<string, number>>;
  /** newest countermovement jump, m */
  readonly testedJumpM: number | null;
}

/** Draws an athlete: what tests say, give or take their truth; what they do not say, by level. @param next seeded */
export function drawBody(known: Known, parameters: VirtualParameters, next: () => number): Body {
  const { traits: spread, soreness } = parameters;
  const draw = ({ mean, sd, least, most }: Spread): number => Math.min(most, Math.max(least, gaussian(next, mean, sd)));
  const squat =
    known.testedKg['back-squat'] ??
    (known.bodyMassKg ?? parameters.usualMassKg) * parameters.squatTimesBodyMass[known.liftLevel];
  const truth = (kg: number): number => kg * draw(spread.truth);
  const traits: Traits = {
    level: known.liftLevel,
    jumpLevel: known.jumpLevel,
    maximaKg: {
      'back-squat': truth(squat),
      deadlift: truth(known.testedKg.deadlift ?? squat * parameters.deadliftOfSquat),
      'bench-press': truth(known.testedKg['bench-press'] ?? squat * parameters.benchOfSquat),
    },
    jumpM: (known.testedJumpM ?? parameters.usualJumpM) * draw(spread.truth),
    talent: draw(spread.talent),
    recovery: draw(spread.recovery),
    tolerance: draw(spread.tolerance),
    attendance: draw(spread.attendance),
    answers: draw(spread.answers),
    honesty: draw(spread.honesty),
  };
  return {
    traits,
    strength: perGroup(1),
    jump: 1,
    sets: perGroup(soreness.habit[traits.level] / 2),
    contacts: parameters.gains.contactsScale / 2,
    fatigue: parameters.fatigue.atStart,
    usual: parameters.fatigue.atStart,
    sore: {},
    habit: {},
    pain: null,
  };
}

const perGroup = (value: number): Record<Group, number> =>
  Object.fromEntries(GROUPS.map((group) => [group, value])) as Record<Group, number>;

/** What leads a movement, of the groups strength is kept by; null = none of them. */
export function groupOf({ family }: Pick<Exercise, 'family'>): Group | null {
  if (family === 'squat' || family === 'single-leg-knee' || family === 'lateral') return 'knee';
  if (family === 'hinge' || family === 'single-leg-hip' || family === 'olympic') return 'hip';
  if (family === 'upper-push') return 'push';
  if (family === 'upper-pull') return 'pull';
  if (family === 'calf-foot') return 'calf';
  return family === 'trunk' ? 'trunk' : null;
}

/** What shows today of a true share: fatigue hides some of it. */
export const showsToday = (body: Body, { fatigue }: VirtualParameters): number =>
  Math.max(fatigue.showsAtLeast, 1 - fatigue.cost * body.fatigue);

/** Leg strength and jump as they show today, of the start. */
export function performance(body: Body, parameters: VirtualParameters): { strength: number; jump: number } {
  const shows = showsToday(body, parameters);
  return { strength: ((body.strength.knee + body.strength.hip) / 2) * shows, jump: body.jump * shows };
}
