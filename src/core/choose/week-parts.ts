import { getExercise, type Exercise, type Family, type Library, type Sport } from '../library';
import type { WeekSoFar } from './brief';

/** What a whole week holds (WEEK-9), in the order in which it goes when minutes fail, the last first. */
export const WEEK_PARTS = [
  'knee-led main',
  'hip-led main',
  'single-leg knee',
  'single-leg hip',
  'guard',
  'pull',
  'push',
  'calf–foot',
] as const;
export type WeekPart = (typeof WEEK_PARTS)[number];

/** What an entry must be to hold a part of the week, and whether it must stand in a main slot. */
export const PARTS: Readonly<Record<Exclude<WeekPart, 'guard'>, { readonly family: Family; readonly main: boolean }>> =
  {
    'knee-led main': { family: 'squat', main: true },
    'hip-led main': { family: 'hinge', main: true },
    'single-leg knee': { family: 'single-leg-knee', main: false },
    'single-leg hip': { family: 'single-leg-hip', main: false },
    pull: { family: 'upper-pull', main: false },
    push: { family: 'upper-push', main: false },
    'calf–foot': { family: 'calf-foot', main: false },
  };

/** A congested week is whole with less (WEEK-9). */
const CONGESTED: readonly WeekPart[] = ['knee-led main', 'hip-led main', 'guard', 'calf–foot'];

export interface Held {
  readonly exercise: Exercise;
  readonly main: boolean;
}

/** What the cards of a week before this one hold. */
export const heldBefore = ({ held }: Pick<WeekSoFar, 'held'>, library: Library): Held[] =>
  held.map(({ exerciseId, main }) => ({ exercise: getExercise(library, exerciseId), main }));

/** Entries that guard what a sport asks most of. */
export const guardsOf = ({ guards }: Pick<Sport, 'guards'>): ReadonlySet<string> =>
  new Set(guards.flatMap(({ exercises }) => exercises));

/**
 * Parts that a week does not hold yet, in their order.
 * @param guards the sport's; none = it asks for none
 */
export const partsMissing = (held: readonly Held[], guards: ReadonlySet<string>, isCongested: boolean): WeekPart[] =>
  WEEK_PARTS.filter((part) => (!isCongested || CONGESTED.includes(part)) && !holds(part, held, guards));

function holds(part: WeekPart, held: readonly Held[], guards: ReadonlySet<string>): boolean {
  if (part === 'guard') return guards.size === 0 || held.some(({ exercise }) => guards.has(exercise.id));
  const { family, main } = PARTS[part];
  return held.some((one) => one.exercise.family === family && (one.main || !main));
}
