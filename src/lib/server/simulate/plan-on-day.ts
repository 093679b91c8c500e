import { addDays, type Day } from '$core/calendar';
import { planOf, type PlanRead } from '../reads/squad-plan';
import type { SquadDay } from '../reads/squad-day';
import type { Living } from './live-season';

/** Cards looked back at when the next is made, as the application does. */
const LOOK_BACK_DAYS = 42;

/** A day of a lived season as the application would read it, and what its plan says of it; null = no plan can be laid. */
export function planOnDay(living: Living, day: Day): (PlanRead & { readonly rows: SquadDay }) | null {
  const { club, squad } = living.of;
  const known = living.followed.find(({ start }) => start <= day && day < addDays(start, 7));
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
  // a day without a session in a week that is known needs no plan laid anew
  if (known && !known.sessions.some((session) => session.day === day)) return { plan: null, week: known, on: null, rows };
  const read = planOf(rows);
  return read.plan ? { ...read, rows } : null;
}
