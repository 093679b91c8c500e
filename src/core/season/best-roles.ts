import { daysBetween, weekdayOf, type Day } from '../calendar';
import type { MethodSettings } from '../method';
import type { DayLimits } from './day-limits';

/** What a session is for in its week, so that the week is whole (WEEK-8). */
export const ROLES = ['whole', 'A', 'B', 'C', 'A2', 'B2'] as const;
export type Role = (typeof ROLES)[number];
/** Most sessions of a week that have a role. */
export const MOST_ROLES = 4;

/** The roles of a week by the number of its sessions. */
export const DEALT: Readonly<Record<number, readonly Role[]>> = {
  1: ['whole'],
  2: ['A', 'B'],
  3: ['A', 'B', 'C'],
  4: ['A', 'B', 'A2', 'B2'],
};

/** A day that may hold a main lift. */
export interface Able {
  readonly day: Day;
  readonly start: string;
  readonly limits: DayLimits;
}

/**
 * The way to give roles to days that costs least, in the order the rules stand (WEEK-2, WEEK-3, WEEK-8): every way is tried.
 * @param usual roles of weekdays in the block's usual week; null = none yet
 * @param behind roles of days that are over: the others are dealt around them
 */
export function bestRoles(
  days: readonly Able[],
  usual: ReadonlyMap<number, Role> | null,
  settings: MethodSettings,
  behind: ReadonlyMap<Day, Role> = new Map<Day, Role>(),
): ReadonlyMap<Day, Role> {
  const known = days.map((day, i) => factsOf(day, days[i + 1], usual, behind));
  let best: { cost: readonly number[]; roles: readonly Role[] } | null = null;
  for (const order of WAYS[days.length] ?? []) {
    const cost = costOf(known, order, settings);
    if (!best || isLess(cost, best.cost)) best = { cost, roles: order };
  }
  return new Map(days.flatMap(({ day }, i) => (best?.roles[i] ? [[day, best.roles[i]] as const] : [])));
}

/** What a way is judged by of one day, worked out once for all of them. */
interface DayFacts {
  readonly quiet: boolean;
  readonly daysBefore: number;
  /** hours to the next session, from start to start as WEEK-3 counts; the last has none */
  readonly hoursToNext: number;
  readonly usual: Role | null;
  readonly done: Role | null;
}

const FAR = 14;

const factsOf = (
  { day, start, limits }: Able,
  next: Able | undefined,
  usual: ReadonlyMap<number, Role> | null,
  behind: ReadonlyMap<Day, Role>,
): DayFacts => ({
  quiet: limits.quiet,
  daysBefore: Math.min(limits.daysBefore ?? FAR, FAR),
  hoursToNext: next ? daysBetween(day, next.day) * 24 + hourOf(next.start) - hourOf(start) : Infinity,
  usual: usual?.get(weekdayOf(day)) ?? null,
  done: behind.get(day) ?? null,
});

/** Hours into the day of a clock time. */
export const hourOf = (start: string): number => Number(start.slice(0, 2)) + Number(start.slice(3)) / 60;

function costOf(days: readonly DayFacts[], order: readonly Role[], settings: MethodSettings): number[] {
  let [undone, near, changed] = [0, 0, 0];
  days.forEach(({ hoursToNext, usual, done }, i) => {
    const [role, next] = [order[i], order[i + 1]];
    if (done !== null && done !== role) undone += 1;
    if (usual !== null && usual !== role) changed += 1;
    if (!role || !next || isFast(role) || isFast(next)) return;
    // with four sessions heavy days may follow each other when their mains differ (WEEK-3)
    const differ = days.length >= MOST_ROLES && kindOf(role) !== kindOf(next);
    if (!differ && hoursToNext < settings.season.heavyApartHours) near += 1;
  });
  const [a, b] = [days[order.indexOf('A')], days[order.indexOf('B')]];
  const eased = Number(a?.quiet ?? false) + Number(b?.quiet ?? false);
  return [undone, eased, near, changed, -(a?.daysBefore ?? 0), -(b?.daysBefore ?? 0), inversions(order)];
}

const isFast = (role: Role): boolean => role === 'C';
const kindOf = (role: Role): string => role.slice(0, 1);

const inversions = (order: readonly Role[]): number => {
  let count = 0;
  for (let i = 0; i < order.length; i++)
    for (let j = i + 1; j < order.length; j++)
      if (ROLES.indexOf(order[j] ?? 'A') < ROLES.indexOf(order[i] ?? 'A')) count += 1;
  return count;
};

const isLess = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at !== -1 && (a[at] ?? 0) < (b[at] ?? 0);
};

/** Every order of the roles of a week with so many sessions; there are only these few. */
const WAYS: Readonly<Record<number, readonly (readonly Role[])[]>> = Object.fromEntries(
  Object.entries(DEALT).map(([count, roles]) => [count, permutations(roles)]),
);

function permutations<T>(items: readonly T[]): T[][] {
  if (items.length <= 1) return [[...items]];
  return items.flatMap((item, i) =>
    permutations([...items.slice(0, i), ...items.slice(i + 1)]).map((rest) => [item, ...rest]),
  );
}
