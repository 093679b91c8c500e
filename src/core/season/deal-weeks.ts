import { addDays, weekdayOf, type Day, type GymDay } from '../calendar';
import type { MethodTables } from '../method';
import type { Role } from './best-roles';
import { dealRoles, type WeekDay } from './deal-roles';
import type { BlockWeek } from './lay-blocks';
import { gymTimeOn } from './gym-time';
import type { PhaseWeek } from './lay-phases';
import type { PlannedSession, PlannedWeek } from './planned';
import type { SeasonInput } from './season-input';

/** What of an earlier plan stays: the weeks it was followed in, and the days of the week it is changed in. */
export interface Behind {
  /** planned weeks that are over, by the number of the week */
  readonly weeks: ReadonlyMap<number, PlannedWeek>;
  /** sessions of the week under way that are over */
  readonly sessions: readonly PlannedSession[];
  /** first day that is laid anew; null = all of them */
  readonly from: Day | null;
}

/** Events this near to a Monday may tag a day of its week, or be one with an event that does. */
const NEAR_DAYS = 28;

/** A week's days with their roles, and those its block's weekdays usually have. */
export interface DealtWeek {
  readonly days: readonly WeekDay[];
  readonly usual: ReadonlyMap<number, Role>;
}

/** The gym days of each week with their roles, weekdays keeping theirs through a block. */
export function dealWeeks(
  input: SeasonInput,
  weeks: readonly PhaseWeek[],
  blocks: readonly BlockWeek[],
  behind: Behind,
  method: MethodTables,
): DealtWeek[] {
  const usual = new Map<number, ReadonlyMap<number, Role>>();
  const { from } = behind;
  const deal = (i: number, roles: ReadonlyMap<number, Role> | null): readonly WeekDay[] => {
    const kept = behind.weeks.get(i);
    if (kept) return kept.sessions;
    const start = weeks[i]?.start ?? input.start;
    const isUnderWay = from !== null && start < from && from <= addDays(start, 6);
    const { gymDays, roles: asMoved } = openDays(start, input, roles);
    const open = isUnderWay ? gymDays.filter(({ weekday }) => from <= addDays(start, weekday - 1)) : gymDays;
    const done = isUnderWay ? behind.sessions : [];
    // those further off tag no day of this week
    const [first, last] = [addDays(start, -NEAR_DAYS), addDays(start, NEAR_DAYS)];
    const near = input.events.filter(({ day }) => first <= day && day <= last);
    return dealRoles(
      start,
      i + 1,
      open,
      near,
      asMoved,
      mostSessions(weeks[i], input, method),
      method.settings,
      done,
      input.practices,
    );
  };
  return weeks.map((week, i) => {
    // a hall that shuts in the middle of a week takes only what lies ahead
    if (week.closed)
      return {
        days: behind.sessions.filter(({ day }) => week.start <= day && day <= addDays(week.start, 6)),
        usual: new Map<number, Role>(),
      };
    const number = blocks[i]?.block ?? 0;
    let roles = usual.get(number);
    if (!roles) {
      const its = blocks.flatMap((block, at) => (block.block === number ? [at] : []));
      // a block under way goes on as it began
      const begun = its.flatMap((at) => behind.weeks.get(at) ?? []).at(-1);
      roles = begun ? new Map(begun.usual) : usualRoles(its.map((at) => deal(at, null)));
      usual.set(number, roles);
    }
    return { days: deal(i, roles), usual: roles };
  });
}

/** After a season no more sessions than its row has, however many are wanted in the rest of the year (PHASE-3). */
function mostSessions(
  week: PhaseWeek | undefined,
  { sessionsAWeek }: SeasonInput,
  { phases }: MethodTables,
): number | null {
  const most = week?.phase === 'transition' ? (phases.transition.sessions?.[1] ?? null) : null;
  return most === null ? sessionsAWeek : Math.min(most, sessionsAWeek ?? most);
}

/** The open gym days of a week, those the coach moved on their new day, with the roles they bring along. */
function openDays(
  monday: Day,
  input: SeasonInput,
  roles: ReadonlyMap<number, Role> | null,
): { gymDays: GymDay[]; roles: ReadonlyMap<number, Role> | null } {
  const asMoved = new Map(roles);
  const gymDays = [1, 2, 3, 4, 5, 6, 7].flatMap((weekday) => {
    const day = addDays(monday, weekday - 1);
    const time = input.start <= day && day <= input.end ? gymTimeOn(day, input) : null;
    if (!time) return [];
    const role = roles?.get(time.weekday);
    if (role) asMoved.set(weekday, role);
    return [{ ...time, weekday }];
  });
  return { gymDays, roles: roles && asMoved };
}

/** Roles of weekdays in the block's usual week: the one that most of its weeks look like. */
function usualRoles(weeks: readonly (readonly WeekDay[])[]): ReadonlyMap<number, Role> {
  const seen = new Map<string, { roles: ReadonlyMap<number, Role>; count: number }>();
  for (const days of weeks) {
    const roles = new Map(days.flatMap(({ day, role }) => (role ? [[weekdayOf(day), role] as const] : [])));
    const key = [...roles].map(([weekday, role]) => `${String(weekday)}${role}`).join(' ');
    seen.set(key, { roles, count: (seen.get(key)?.count ?? 0) + 1 });
  }
  const [most] = [...seen.values()].sort((a, b) => b.count - a.count || b.roles.size - a.roles.size);
  return most?.roles ?? new Map<number, Role>();
}
