import { addDays, weekdayOf, type Day } from '../calendar';
import type { SideProgramme } from '../method';

/** Days of a week that may hold something beside the sessions: none of the gym, none of an event. */
export interface SideWeek {
  /** weekdays with a session, 1 = Monday */
  readonly gymWeekdays: readonly number[];
  readonly eventDays: readonly Day[];
}

const WEEK = 7;

/**
 * The days of a week on which a side programme is done (SIDE-1): daily ones on every day but events; others on days off, as
 * many as it has, as far apart as the week allows, never the day of an event and the day before one only where no other is.
 * @param monday the week's first day
 */
export function sideDays({ perWeek }: Pick<SideProgramme, 'perWeek'>, monday: Day, week: SideWeek): Day[] {
  const all = Array.from({ length: WEEK }, (_, i) => addDays(monday, i)).filter((day) => !week.eventDays.includes(day));
  if (perWeek >= WEEK) return all;
  const free = all.filter((day) => !week.gymWeekdays.includes(weekdayOf(day)));
  const calm = free.filter((day) => !week.eventDays.includes(addDays(day, 1)));
  const from = calm.length >= perWeek ? calm : free;
  const sets = choices(from, Math.min(perWeek, from.length));
  return sets
    .reduce<readonly Day[]>((best, one) => (leastGap(one) > leastGap(best) ? one : best), sets[0] ?? [])
    .slice();
}

/** Whether a side programme is done on a day. */
export const isSideDay = (programme: Pick<SideProgramme, 'perWeek'>, day: Day, week: SideWeek): boolean =>
  sideDays(programme, addDays(day, 1 - weekdayOf(day)), week).includes(day);

/** The fewest days between two neighbours, the week taken round. */
function leastGap(days: readonly Day[]): number {
  const at = days.map(weekdayOf);
  return Math.min(WEEK, ...at.map((day, i) => (((at[(i + 1) % at.length] ?? day) - day + WEEK - 1) % WEEK) + 1));
}

function choices(days: readonly Day[], count: number): Day[][] {
  if (count === 0) return [[]];
  return days.flatMap((day, i) => choices(days.slice(i + 1), count - 1).map((rest) => [day, ...rest]));
}
