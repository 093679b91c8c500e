import { addDays, daysBetween, matchTags, type Day } from '$core/calendar';
import type { SessionRole } from '$core/choose';
import {
  dayLimits,
  dealRoles,
  extraRole,
  holdsMain,
  leadsOf,
  mondayOf,
  weekOf,
  type Lead,
  type Role,
  type SeasonPlan,
  type WeekDay,
} from '$core/season';
import { squadCards } from './cards-that-run';
import type { SquadDay } from './squad-day';
import type { PlanRead } from './squad-plan';

/** A Monday from which weeks are counted where there is no season, so that alternating things alternate. */
const A_MONDAY: Day = '2024-01-01';

/**
 * What the squad's session of a day is for: as its card was made, else as the season has it; without a season as the gym
 * days and events of its week deal it. A session on another day makes up for what the last days owe.
 */
export function roleOn(rows: SquadDay, { plan, week }: PlanRead): SessionRole | null {
  const { day, session } = rows;
  const number = week?.number ?? weekNumber(day);
  const days = dealtIn(rows, plan, day);
  const found = days.find((one) => one.day === day);
  const role = session ? session.role : (found?.role ?? extraOn(rows, plan, days));
  if (!role) return null;
  const leads = !session && found?.role ? found.leads : leadsOf(role, number);
  return { role, leads, enters: entering(rows, leads, days) };
}

const weekNumber = (day: Day): number => Math.floor(daysBetween(A_MONDAY, mondayOf(day)) / 7);

/** The days of a day's week with their roles: as the season has them, without one as its gym days deal them. */
export function dealtIn({ squad, club }: SquadDay, plan: SeasonPlan | null, day: Day): readonly WeekDay[] {
  if (plan) return weekOf(plan, day)?.sessions ?? [];
  return dealRoles(mondayOf(day), weekNumber(day), squad.gymDays, squad.events, null, null, club.method.settings);
}

/** The role of a session on a day that its week deals none, where the day may hold a main lift. */
function extraOn(rows: SquadDay, plan: SeasonPlan | null, days: readonly WeekDay[]): Role | null {
  const { squad, day, sessions, club } = rows;
  const { settings } = club.method;
  const limits = dayLimits(matchTags(day, squad.events, settings.week.tagReachDays), settings);
  if (!holdsMain(limits)) return null;
  return extraRole(day, [...dealtIn(rows, plan, addDays(day, -7)), ...days], squadCards(sessions, club));
}

/** A kind of main lift that only leads on protected days of this week and was not trained lately (WEEK-6). */
function entering(
  { sessions, day, club, athleteId }: SquadDay,
  leads: readonly Lead[],
  days: readonly Pick<WeekDay, 'day' | 'leads' | 'limits'>[],
): Lead | null {
  if (days.find((one) => one.day === day)?.limits.quiet !== false) return null;
  const since = addDays(day, -club.method.settings.week.newAfterDays);
  return (
    (['knee', 'hip'] as const).find((lead) => {
      const its = days.filter((one) => one.leads.includes(lead));
      if (leads.includes(lead) || its.length === 0 || its.some(({ limits }) => !limits.quiet)) return false;
      const family = lead === 'knee' ? 'squat' : 'hinge';
      return !sessions.some(
        (session) =>
          session.athleteId === athleteId &&
          since <= session.day &&
          session.day < day &&
          session.lines.some(
            ({ slot, exerciseId }) =>
              slot.startsWith('main') && club.library.exercises.get(exerciseId)?.family === family,
          ),
      );
    }) ?? null
  );
}
