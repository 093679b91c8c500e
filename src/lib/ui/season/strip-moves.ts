import { addDays, daysBetween } from '$core/calendar';
import type { Phase } from '$core/library';
import type { SeasonWeek } from '$lib/model/season';

/** Phases a coach may give weeks; the others follow from the events. */
const GIVEN: readonly Phase[] = ['general', 'specific', 'pre-season', 'in-season', 'transition'];
/** Weeks a block may be given (BLOCK-1). */
const BLOCK_WEEKS: readonly [number, number] = [2, 5];

type Week = Pick<SeasonWeek, 'number' | 'start' | 'phase' | 'closed'>;

/** The day an event falls on when it is put into another week: its weekday stays. */
export const eventDayIn = (day: string, from: Pick<Week, 'start'>, to: Pick<Week, 'start'>): string =>
  addDays(to.start, daysBetween(from.start, day));

/** Weeks that change their phase, as the season's form takes them. */
export interface PhaseMove {
  readonly from: string;
  readonly to: string;
  readonly phase: Phase;
}

/** Whether the edge before a week lies between two phases a coach gives: peaks, congestion and a closed hall follow from dates. */
export const isGiven = (weeks: readonly Week[], edge: number): boolean =>
  [weeks[edge - 2], weeks[edge - 1]].every((week) => week !== undefined && !week.closed && GIVEN.includes(week.phase));

/**
 * What moving the edge between two phases asks: the phase that grows takes the weeks between.
 * @param edge number of the first week of the phase after the edge
 * @param to number of the week that is to be its first
 * @returns null where nothing moves, or what would grow is none a coach gives
 */
export function moveEdge(weeks: readonly Week[], edge: number, to: number): PhaseMove | null {
  const at = (number: number): Week | undefined => weeks[number - 1];
  const grows = to > edge ? at(edge - 1) : at(edge);
  const [first, last] = to > edge ? [at(edge), at(to - 1)] : [at(to), at(edge - 1)];
  if (to === edge || !grows || !first || !last || !isGiven(weeks, edge)) return null;
  return { from: first.start, to: last.start, phase: grows.phase };
}

/**
 * What moving the end of a block asks: its length, its lighter week with it.
 * @param first number of its first week @param to number of the week that is to be the next block's first
 */
export function moveBlockEnd(
  weeks: readonly Week[],
  first: number,
  to: number,
): { readonly from: string; readonly weeks: number } | null {
  const start = weeks[first - 1]?.start;
  const [least, most] = BLOCK_WEEKS;
  const length = Math.min(most, Math.max(least, to - first));
  return start === undefined ? null : { from: start, weeks: length };
}
