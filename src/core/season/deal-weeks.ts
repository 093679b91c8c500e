import { addDays, weekdayOf } from '../calendar';
import type { MethodTables } from '../method';
import type { Role } from './best-roles';
import { dealRoles, type WeekDay } from './deal-roles';
import type { BlockWeek } from './lay-blocks';
import { isShut, type PhaseWeek } from './lay-phases';
import type { SeasonInput } from './season-input';

/** The gym days of each week with their roles, weekdays keeping theirs through a block. */
export function dealWeeks(
  input: SeasonInput,
  weeks: readonly PhaseWeek[],
  blocks: readonly BlockWeek[],
  method: MethodTables,
): WeekDay[][] {
  const usual = new Map<number, ReadonlyMap<number, Role>>();
  const deal = (i: number, roles: ReadonlyMap<number, Role> | null): WeekDay[] => {
    const start = weeks[i]?.start ?? input.start;
    const open = input.gymDays.filter(({ weekday }) => {
      const day = addDays(start, weekday - 1);
      return input.start <= day && day <= input.end && !isShut(day, input.closures);
    });
    return dealRoles(start, i + 1, open, input.events, roles, input.sessionsAWeek, method.settings);
  };
  return weeks.map((week, i) => {
    if (week.closed) return [];
    const number = blocks[i]?.block ?? 0;
    let roles = usual.get(number);
    if (!roles) {
      roles = usualRoles(blocks.flatMap((block, at) => (block.block === number ? [deal(at, null)] : [])));
      usual.set(number, roles);
    }
    return deal(i, roles);
  });
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
