import type { WeekSoFar } from '$core/choose';
import { isMainSlot } from '$core/session';
import type { SquadDay } from './squad-day';
import type { PlanRead } from './squad-plan';

/** What the squad's cards of a week hold before a lifting session of it, and whether it is the week's last (WEEK-9). */
export function weekSoFar({ sessions, day, club }: SquadDay, { week, on }: PlanRead): WeekSoFar | null {
  if (!week || !on?.role) return null;
  const before = sessions.filter((one) => one.athleteId === null && week.start <= one.day && one.day < day);
  return {
    held: before.flatMap(({ lines }) =>
      lines
        .filter(({ block, exerciseId }) => block !== 'prep' && club.library.exercises.has(exerciseId))
        .map(({ exerciseId, slot }) => ({ exerciseId, main: isMainSlot(slot) })),
    ),
    isLast: !week.sessions.some((one) => one.role !== null && one.day > day),
    nearEvent: week.sessions.some(({ role, limits }) => role === null || limits.quiet),
  };
}
