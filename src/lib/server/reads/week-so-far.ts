import type { SessionRole, WeekSoFar } from '$core/choose';
import { mondayOf } from '$core/season';
import { isMainSlot } from '$core/session';
import type { SquadDay } from './squad-day';
import type { PlanRead } from './squad-plan';
import { dealtIn } from './squad-role';

/**
 * What the squad's cards of a week hold before a lifting session of it, and whether it is the week's last (WEEK-9): of the
 * season's week, without a season of the gym days'.
 * @param role what the session is for; null = it is no lifting session
 */
export function weekSoFar(rows: SquadDay, { plan }: PlanRead, role: SessionRole | null): WeekSoFar | null {
  const { sessions, day, club } = rows;
  if (!role) return null;
  const days = dealtIn(rows, plan, day);
  const before = sessions.filter((one) => one.athleteId === null && mondayOf(day) <= one.day && one.day < day);
  return {
    held: before.flatMap(({ lines }) =>
      lines
        .filter(({ block, exerciseId }) => block !== 'prep' && club.library.exercises.has(exerciseId))
        .map(({ exerciseId, slot }) => ({ exerciseId, main: isMainSlot(slot) })),
    ),
    isLast: !days.some((one) => one.role !== null && one.day > day),
    nearEvent: days.some((one) => one.role === null || one.limits.quiet),
  };
}
