import type { AthleteFacts } from '../../athlete';
import type { Demand, Exercise, Muscle } from '../../library';
import type { MethodTables, Slot } from '../../method';
import { PARTS, type WeekPart } from '../week-parts';

/** Something a line may serve beyond what the sport asks, worth less with each line that serves it (SEL-2). */
export interface Bonus {
  /** running sums: points with 0, 1, 2 … lines that serve it; more lines than that add nothing */
  readonly points: readonly number[];
  readonly serves: (exercise: Exercise, slot: Slot) => boolean;
}

type Choice = MethodTables['settings']['choice'];

/** A selection's bonuses are a bit mask; the least shared purposes of a very mixed squad are left out. */
const MOST = 30;

/** Whether an entry works on one of the demands something emphasises. */
export const helps = (
  { demands }: Exercise,
  emphasis: Readonly<Partial<Record<Demand, number>>>,
  { helpsFrom }: Choice,
): boolean => Object.keys(emphasis).some((demand) => (demands[demand as Demand] ?? 0) >= helpsFrom);

/**
 * Whether an entry is what a limiting tier asks for first: a drill of that range, or made for the foremost demand, of the
 * families it names.
 */
export function mends(
  { id, demands, family }: Exercise,
  focus: NonNullable<AthleteFacts['focus']>,
  { mendsFrom }: Choice,
): boolean {
  if (focus.drills.length > 0) return focus.drills.includes(id);
  if (focus.families.length > 0 && !focus.families.includes(family)) return false;
  const most = Math.max(...Object.values(focus.emphasis));
  return Object.entries(focus.emphasis).some(
    ([demand, points]) => points === most && (demands[demand as Demand] ?? 0) >= mendsFrom,
  );
}

/** Whether an entry trains a weak moment: its quality, in one of its muscles (START-12). */
export const trains = (
  { qualities, share }: Exercise,
  moment: NonNullable<AthleteFacts['moment']>,
  { worksFrom }: Choice,
): boolean =>
  qualities.includes(moment.quality) &&
  (moment.muscles.length === 0 || moment.muscles.some((muscle: Muscle) => (share[muscle] ?? 0) >= worksFrom));

/**
 * What lines of a card may serve: the sport's guards, what its week lacks yet (WEEK-9), and what its athletes need, each
 * by the share of the squad it concerns (limiting tier START-1, past injuries SAFE-11, weak moments START-12).
 * @param lacking parts of the week that no card of it holds yet; what is only a main lift's is the role's business
 */
export function bonusesOf(
  athletes: readonly AthleteFacts[],
  { choice }: Pick<MethodTables['settings'], 'choice'>,
  lacking: { readonly parts: readonly WeekPart[]; readonly isLast: boolean } = { parts: [], isLast: false },
): Bonus[] {
  const ofWeek = lacking.parts.flatMap((part): Bonus[] => {
    if (part === 'guard' || PARTS[part].main) return [];
    const { family } = PARTS[part];
    const points = [0, lacking.isLast ? choice.lastOfWeek : choice.missingInWeek];
    return [{ points, serves: (exercise, { block }) => exercise.family === family && block !== 'prep' }];
  });
  const own = [
    ...grouped(
      athletes,
      ({ focus }) => (focus?.limits ? [focus] : []),
      ({ id }) => id,
    ).map(([focus, count]) => ({
      count,
      steps: choice.limitingTier,
      serves: (exercise: Exercise) => mends(exercise, focus, choice),
    })),
    ...grouped(
      athletes,
      ({ pastInjuries }) => pastInjuries,
      ({ place }) => place,
    ).map(([{ guards }, count]) => ({
      count,
      steps: choice.guard,
      serves: (exercise: Exercise) => guards.includes(exercise.id),
    })),
    ...grouped(
      athletes,
      ({ moment }) => (moment ? [moment] : []),
      ({ id }) => id,
    ).map(([moment, count]) => ({
      count,
      steps: choice.weakMoment,
      serves: (exercise: Exercise) => trains(exercise, moment, choice),
    })),
  ]
    .sort((a, b) => b.count - a.count)
    .slice(0, MOST - 1 - ofWeek.length);
  return [
    { points: runningSums(choice.guard, 1), serves: (_, slot) => slot.guard },
    ...ofWeek,
    ...own.map(({ count, steps, serves }) => ({ points: runningSums(steps, count / athletes.length), serves })),
  ];
}

function runningSums(steps: readonly number[], share: number): number[] {
  const sums = [0];
  for (const step of steps) sums.push((sums.at(-1) ?? 0) + Math.round(step * share));
  return sums;
}

/** Distinct things athletes have, with how many athletes have each, in the athletes' order. */
function grouped<T>(
  athletes: readonly AthleteFacts[],
  of: (athlete: AthleteFacts) => readonly T[],
  keyOf: (one: T) => string,
): [T, number][] {
  const found = new Map<string, [T, number]>();
  for (const athlete of athletes)
    for (const [key, one] of new Map(of(athlete).map((each) => [keyOf(each), each])))
      found.set(key, [found.get(key)?.[0] ?? one, (found.get(key)?.[1] ?? 0) + 1]);
  return [...found.values()];
}
