import { addDays, daysBetween, matchTags, type Day, type EventDay, type GymDay } from '../calendar';
import type { MethodSettings } from '../method';
import { bestRoles, MOST_ROLES, type Able, type Role } from './best-roles';
import { dayLimits, type DayLimits } from './day-limits';
import { byPractice, type ByPractice } from './hard-days';
import type { Practice } from './season-input';

/** Which way a session's main lift leans. */
export type Lead = 'knee' | 'hip';

/** A gym day of a week with what it is for. */
export interface WeekDay {
  readonly day: Day;
  readonly start: string;
  readonly minutes: number;
  readonly limits: DayLimits;
  /** null = it holds no main lift: a primer, recovery, or nothing */
  readonly role: Role | null;
  /** how its main lifts lean, the leading one first */
  readonly leads: readonly Lead[];
}

/**
 * The gym days of a week with their roles (WEEK-8): dealt by the number of days that may hold at least an eased main lift.
 * The heavier roles stand furthest from what WEEK-2 protects, and heavy days of one kind keep their distance (WEEK-3).
 * @param monday first day of the week
 * @param weekNumber alternates which lift leads a *whole* session, and which of two C takes
 * @param usual roles of weekdays in the block's usual week: a day keeps its role where the count allows it; null = none yet
 * @param most sessions wanted; null = every gym day
 * @param behind days of the week that are over, as they were dealt: they stay, and the others are dealt around them
 * @param practices of more gym days than are wanted those with a hard practice before are used first (WEEK-5)
 */
export function dealRoles(
  monday: Day,
  weekNumber: number,
  gymDays: readonly GymDay[],
  events: readonly EventDay[],
  usual: ReadonlyMap<number, Role> | null,
  most: number | null,
  settings: MethodSettings,
  behind: readonly WeekDay[] = [],
  practices: readonly Practice[] = [],
): WeekDay[] {
  const done = behind.filter(({ role }) => role !== null);
  const days = [...gymDays]
    .sort((a, b) => a.weekday - b.weekday || (a.start < b.start ? -1 : 1))
    .map(({ weekday, start, minutes }) => {
      const day = addDays(monday, weekday - 1);
      return { day, start, minutes, limits: dayLimits(matchTags(day, events, settings.week.tagReachDays), settings) };
    });
  const free = chosen(
    days
      .filter(({ limits }) => holdsMain(limits))
      .map((one) => ({ ...one, suits: isHardDay(byPractice(one, practices, settings.week)) })),
    Math.max(0, Math.min(most ?? MOST_ROLES, MOST_ROLES) - done.length),
    done,
  );
  const able = [...done, ...free];
  const fixed = new Map(done.flatMap(({ day, role }) => (role ? [[day, role] as const] : [])));
  const roles = bestRoles(able, usual, settings, fixed);
  const ahead = days.map((one) => {
    const role = roles.get(one.day) ?? null;
    return { ...one, role, leads: role === null ? [] : leadsOf(role, weekNumber) };
  });
  return [...behind, ...ahead];
}

/** Whether a day may hold at least an eased main lift: not the day before an event, its own, or the day after. */
export const holdsMain = ({ on, primerOnly, recovery }: DayLimits): boolean => !on && !primerOnly && !recovery;

/** Which main lifts a role holds, the leading one first. */
export function leadsOf(role: Role, weekNumber: number): Lead[] {
  const kneeFirst = weekNumber % 2 === 1;
  if (role === 'whole') return kneeFirst ? ['knee', 'hip'] : ['hip', 'knee'];
  if (role === 'C') return [kneeFirst ? 'knee' : 'hip'];
  return role === 'A' || role === 'A2' ? ['knee'] : ['hip'];
}

/** A hard day takes strength after its practice, or far enough before it; an easy day stays easy. */
const isHardDay = (lies: ByPractice | null): boolean => lies === 'after' || lies === 'apart';

/** Days from one to the next that heavy work needs (WEEK-3). */
export const APART_DAYS = 2;

/**
 * The days that are used when there are more than are wanted: free ones before eased ones, then of those with a day
 * between hard days before easy ones, then those best apart.
 */
function chosen<T extends Able & { readonly suits: boolean }>(
  days: readonly T[],
  most: number,
  done: readonly Able[],
): T[] {
  if (days.length <= most) return [...days];
  const kept: T[] = [];
  for (let i = 0; i < most; i++) {
    const [best] = days
      .filter((day) => !kept.includes(day))
      .map((day) => ({
        day,
        apart: Math.min(7, ...[...done, ...kept].map((other) => Math.abs(daysBetween(day.day, other.day)))),
      }))
      .sort(
        (a, b) =>
          Number(a.day.limits.quiet) - Number(b.day.limits.quiet) ||
          Number(b.apart >= APART_DAYS) - Number(a.apart >= APART_DAYS) ||
          Number(b.day.suits) - Number(a.day.suits) ||
          b.apart - a.apart ||
          (a.day.day < b.day.day ? -1 : 1),
      );
    if (best) kept.push(best.day);
  }
  return kept.sort((a, b) => (a.day < b.day ? -1 : 1));
}
