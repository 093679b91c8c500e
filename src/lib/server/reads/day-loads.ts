import type { Day } from '$core/calendar';
import type { DayLoad } from '$core/load';
import { gymTimeOn, practicesOn } from '$core/season';
import type { AthleteRow } from '../repositories/athletes';
import { timesOf, type SquadRow } from '../repositories/club-context';

/** How hard and how long a session was; null = nobody said. */
interface Effort {
  readonly day: Day;
  readonly minutes: number | null;
  readonly rpe: number | null;
}

interface Loaded {
  readonly squad: SquadRow;
  readonly people: readonly Pick<AthleteRow, 'appearances'>[];
  readonly efforts: readonly Effort[];
  readonly today: Day;
}

/**
 * Minutes × effort of an event, of whoever was selected; null while somebody's are not known.
 * @returns 0 where nobody of them was selected
 */
function eventLoad(eventId: string, people: readonly Pick<AthleteRow, 'appearances'>[]): DayLoad {
  const had = people.map(({ appearances }) => appearances.find((one) => one.eventId === eventId));
  const loads = had
    .filter((one) => one?.selected !== false)
    .map((one) => (one?.minutes != null && one.rpe !== null ? one.minutes * one.rpe : null));
  if (loads.some((load) => load === null)) return null;
  return loads.length === 0 ? 0 : loads.reduce<number>((sum, load) => sum + (load ?? 0), 0) / loads.length;
}

/**
 * The load of each of some days (method 12): events, sessions and practices. What is not known is null, never 0: an event of
 * unknown minutes, a session nobody rated, one that was not closed, and every day before the first session.
 */
export function dayLoads(
  of: Loaded,
  days: readonly Day[],
): { readonly loads: readonly DayLoad[]; readonly began: Day | null } {
  const began = of.efforts.map(({ day }) => day).sort()[0] ?? null;
  return {
    began,
    loads: days.map((day) => (day > of.today || began === null || day < began ? null : loadOn(day, of))),
  };
}

function loadOn(day: Day, { squad, people, efforts, today }: Loaded): DayLoad {
  const sessions = efforts.filter((one) => one.day === day);
  const practices = practicesOn(day, squad.season?.practices ?? []);
  const events = squad.events.filter((event) => event.day === day).map(({ id }) => eventLoad(id, people));
  if (events.some((load) => load === null)) return null;
  if (sessions.some(({ minutes, rpe }) => minutes === null || rpe === null)) return null;
  if (sessions.length === 0 && gymTimeOn(day, timesOf(squad)) && day < today) return null;
  return (
    events.reduce<number>((sum, load) => sum + (load ?? 0), 0) +
    sessions.reduce((sum, { minutes, rpe }) => sum + (minutes ?? 0) * (rpe ?? 0), 0) +
    practices.reduce((sum, { minutes, hardness }) => sum + minutes * hardness, 0)
  );
}
