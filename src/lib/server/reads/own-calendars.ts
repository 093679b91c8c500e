import { addDays, daysBetween, isWithin, type Day, type OwnCalendar } from '$core/calendar';
import { contactsOf } from '$core/jumps';
import { gymTimeOn, heavyFamilies } from '$core/season';
import type { AthleteRow } from '../repositories/athletes';
import { libraryOf, timesOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** Hours from start to start within which heavy work of another squad makes a day a quiet one (WEEK-3). */
const HEAVY_GAP_HOURS = 48;
const HOURS_A_DAY = 24;

export interface CalendarRows {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly day: Day;
  readonly athletes: readonly AthleteRow[];
  /** cards of other squads that some of the athletes train with, of the day and the two before */
  readonly elsewhere: readonly SessionRow[];
}

/** Whether an athlete's own calendar says that they are not here on a day. */
export const isAwayOn = ({ days }: Pick<AthleteRow, 'days'>, day: Day): boolean =>
  isWithin(
    day,
    days.filter(({ kind }) => kind === 'away'),
  );

/** What the calendars of a squad's athletes hold beside the squad's, by athlete; whoever has nothing is left out. */
export function ownCalendars(rows: CalendarRows): Record<string, OwnCalendar> {
  const before = rows.elsewhere.flatMap((session) => trainedBefore(session, rows) ?? []);
  const found: Record<string, OwnCalendar> = {};
  for (const row of rows.athletes) {
    const calendar = calendarOf(row, before, rows);
    if (calendar) found[row.id] = calendar;
  }
  return found;
}

interface TrainedBefore {
  readonly squadId: string;
  readonly contacts: number;
  readonly heavy: boolean;
}

/** What another squad's card asks before this day's session begins, or null when it comes after it. */
function trainedBefore(session: SessionRow, { club, squad, day }: CalendarRows): TrainedBefore | null {
  const other = club.squads.find(({ id }) => id === session.squadId);
  if (!other) return null;
  const hours = hoursBetween([session.day, other], [day, squad]);
  if (hours < 0 || hours > HEAVY_GAP_HOURS) return null;
  const library = libraryOf(club, other);
  const lines = session.lines.flatMap(({ exerciseId, row, dose }) => {
    const exercise = library.exercises.get(exerciseId);
    return exercise ? [{ exercise, row, dose }] : [];
  });
  const contacts = lines.reduce(
    (sum, { exercise, dose }) => sum + contactsOf(exercise, dose, club.method.settings).weighted,
    0,
  );
  return {
    squadId: other.id,
    contacts: session.day === day ? contacts : 0,
    heavy: hours < HEAVY_GAP_HOURS && heavyFamilies(lines, club.method).length > 0,
  };
}

/** From start to start; whole days where a start is not known. Two at the same hour: one of them is the first. */
function hoursBetween([from, first]: [Day, SquadRow], [to, second]: [Day, SquadRow]): number {
  const days = daysBetween(from, to) * HOURS_A_DAY;
  const [one, other] = [gymTimeOn(from, timesOf(first)), gymTimeOn(to, timesOf(second))];
  if (!one || !other) return days;
  const hours = days + hourOf(other.start) - hourOf(one.start);
  return hours === 0 && first.id > second.id ? -1 : hours;
}

const hourOf = (clock: string): number => Number(clock.slice(0, 2)) + Number(clock.slice(3)) / 60;

function calendarOf(
  row: AthleteRow,
  before: readonly TrainedBefore[],
  { club, squad }: CalendarRows,
): OwnCalendar | null {
  const own = new Set(row.squads.map(({ squadId }) => squadId));
  const had = row.appearances.map(({ eventId, selected, minutes }) => ({ eventId, selected, minutes }));
  const left = new Set(had.filter(({ selected }) => !selected).map(({ eventId }) => eventId));
  const others = club.squads
    .filter(({ id }) => id !== squad.id && own.has(id))
    .flatMap(({ events }) => events.filter(({ id }) => !left.has(id)).map(({ day, kind }) => ({ day, kind })));
  const called = row.days
    .filter(({ kind }) => kind === 'event')
    .flatMap(({ from, to }) => daysOf(from, to).map((day) => ({ day, kind: 'league' as const })));
  const trained = before.filter(({ squadId }) => own.has(squadId));
  const calendar: OwnCalendar = {
    elsewhere: [...others, ...called],
    had: squad.events.flatMap(({ id, day }) =>
      had.filter(({ eventId }) => eventId === id).map(({ selected, minutes }) => ({ day, selected, minutes })),
    ),
    lighter: row.days.filter(({ kind }) => kind === 'exams'),
    contactsToday: trained.reduce((sum, { contacts }) => sum + contacts, 0),
    heavyBefore: trained.some(({ heavy }) => heavy),
  };
  const { elsewhere, had: hadHere, lighter, contactsToday, heavyBefore } = calendar;
  const isEmpty = elsewhere.length + hadHere.length + lighter.length + contactsToday === 0 && !heavyBefore;
  return isEmpty ? null : calendar;
}

const daysOf = (from: Day, to: Day): Day[] =>
  Array.from({ length: Math.max(0, daysBetween(from, to)) + 1 }, (_, ahead) => addDays(from, ahead));
