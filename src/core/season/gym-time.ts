import { addDays, weekdayOf, type Day, type GymDay } from '../calendar';
import { isShut, mondayOf } from './lay-phases';
import type { SeasonInput } from './season-input';

/** What says when a squad is in the gym: its standing days, what was moved, and when the gym is shut. */
export type GymTimes = Pick<SeasonInput, 'gymDays' | 'changes' | 'closures'>;

/** Days ahead in which a next one is looked for: a hall is seldom shut for longer. */
const LOOK_AHEAD = 60;

/**
 * The gym time of a day, or null: its standing one, or one moved there from another day of its week.
 * @returns with the weekday it usually has
 */
export function gymTimeOn(day: Day, { gymDays, changes, closures }: GymTimes): GymDay | null {
  if (isShut(day, closures)) return null;
  const monday = mondayOf(day);
  const here = changes.moves.find(({ to }) => to === day);
  if (here) {
    const moved = gymDays.find(({ weekday }) => addDays(monday, weekday - 1) === here.from);
    if (moved) return { ...moved, start: here.start ?? moved.start };
  }
  const usual = gymDays.find(({ weekday }) => weekday === weekdayOf(day));
  return usual && !changes.moves.some(({ from, to }) => from === day && to !== day) ? usual : null;
}

/** The first day after `after` (strictly) with gym time, or null. */
export function nextGymTime(after: Day, times: GymTimes): Day | null {
  for (let ahead = 1; ahead <= LOOK_AHEAD; ahead++) {
    const day = addDays(after, ahead);
    if (gymTimeOn(day, times)) return day;
  }
  return null;
}
