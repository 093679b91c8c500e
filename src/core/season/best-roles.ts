import { daysBetween, weekdayOf, type Day } from '../calendar';
import type { MethodSettings } from '../method';
import type { DayLimits } from './day-limits';

/** What a session is for in its week, so that the week is whole (WEEK-8). */
export const ROLES = ['whole', 'A', 'B', 'C', 'A2', 'B2'] as const;
export type Role = (typeof ROLES)[number];
/** Most sessions of a week that have a role. */
export const MOST_ROLES = 4;

/** A day that may hold a main lift. */
export interface Able {
  readonly day: Day;
  readonly start: string;
  readonly limits: DayLimits;
}

/**
 * The way to give roles to days that costs least, in the order the rules stand (WEEK-2, WEEK-3, WEEK-8): every way is tried.
 * @param roles as many as days
 * @param usual roles of weekdays in the block's usual week; null = none yet
 */
export function bestRoles(
  days: readonly Able[],
  roles: readonly Role[],
  usual: ReadonlyMap<number, Role> | null,
  settings: MethodSettings,
): ReadonlyMap<Day, Role> {
  let best: { cost: readonly number[]; roles: readonly Role[] } | null = null;
  for (const order of permutations(roles)) {
    const cost = costOf(days, order, usual, settings);
    if (!best || isLess(cost, best.cost)) best = { cost, roles: order };
  }
  return new Map(days.flatMap(({ day }, i) => (best?.roles[i] ? [[day, best.roles[i]] as const] : [])));
}

const FAR = 14;

function costOf(
  days: readonly Able[],
  order: readonly Role[],
  usual: ReadonlyMap<number, Role> | null,
  settings: MethodSettings,
): number[] {
  const at = (role: Role): Able | undefined => days[order.indexOf(role)];
  const near = days.filter((day, i) => {
    const next = days[i + 1];
    if (!next || isFast(order[i]) || isFast(order[i + 1])) return false;
    // with four sessions heavy days may follow each other when their mains differ (WEEK-3)
    const differ = days.length >= MOST_ROLES && kindOf(order[i]) !== kindOf(order[i + 1]);
    return !differ && hoursBetween(day, next) < settings.season.heavyApartHours;
  }).length;
  const changed = usual
    ? days.filter(({ day }, i) => usual.has(weekdayOf(day)) && usual.get(weekdayOf(day)) !== order[i]).length
    : 0;
  const clear = (role: Role): number => {
    const day = at(role);
    return day ? -Math.min(day.limits.daysBefore ?? FAR, FAR) : 0;
  };
  const eased = (role: Role): number => Number(at(role)?.limits.quiet ?? false);
  return [eased('A') + eased('B'), near, changed, clear('A'), clear('B'), inversions(order)];
}

const isFast = (role: Role | undefined): boolean => role === 'C';
const kindOf = (role: Role | undefined): string => role?.slice(0, 1) ?? '';

/** From start to start, as WEEK-3 counts. */
function hoursBetween(a: Able, b: Able): number {
  const hours = ({ start }: Able): number => Number(start.slice(0, 2)) + Number(start.slice(3)) / 60;
  return daysBetween(a.day, b.day) * 24 + hours(b) - hours(a);
}

const inversions = (order: readonly Role[]): number =>
  order.reduce(
    (sum, role, i) => sum + order.slice(i + 1).filter((later) => ROLES.indexOf(later) < ROLES.indexOf(role)).length,
    0,
  );

const isLess = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at !== -1 && (a[at] ?? 0) < (b[at] ?? 0);
};

function permutations<T>(items: readonly T[]): T[][] {
  if (items.length <= 1) return [[...items]];
  return items.flatMap((item, i) =>
    permutations([...items.slice(0, i), ...items.slice(i + 1)]).map((rest) => [item, ...rest]),
  );
}
