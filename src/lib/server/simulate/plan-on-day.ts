import { addDays, type Day } from '$core/calendar';
import { planOf } from '../reads/squad-plan';
import type { PlannedSession, PlannedWeek } from '$core/season';
import type { SquadDay } from '../reads/squad-day';
import type { Living } from './live-season';

/** Cards looked back at when the next is made, as the application does. */
const LOOK_BACK_DAYS = 42;

/** What the plan says of a day of a lived season, and the day as the application would read it. */
export interface LivedDay {
  readonly week: PlannedWeek;
  readonly session: { readonly planned: PlannedSession; readonly rows: SquadDay } | null;
}

/**
 * A day of a lived season. In a week that has begun only its sessions are read anew.
 * @returns null when no plan can be laid
 */
export function planOnDay(living: Living, day: Day): LivedDay | null {
  const { club, squad } = living.of;
  const known = living.followed.find(({ start }) => start <= day && day < addDays(start, 7));
  if (known && !known.sessions.some((session) => session.day === day)) return { week: known, session: null };
  const rows: SquadDay = {
    club: { ...club, today: day },
    squad,
    day,
    athleteId: null,
    athletes: living.athletes.map((athlete) => athlete.asRow(day)),
    away: [],
    elsewhere: [],
    sessions: living.cards.filter((card) => addDays(day, -LOOK_BACK_DAYS) <= card.day),
    session: null,
    sets: [],
    blockStart: null,
    followed: living.followed,
  };
  const { week, on } = planOf(rows);
  return week && { week, session: on && { planned: on, rows } };
}
