import { addDays, daysBetween, isWithin, type Day, type OwnCalendar, type SharedWeek } from '$core/calendar';
import { contactsOf } from '$core/jumps';
import { gymTimeOn, heavyFamilies, mondayOf } from '$core/season';
import type { AthleteRow } from '../repositories/athletes';
import { libraryOf, timesOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';
import { ledSets } from './sets-left';
import { SQUAD_STEP } from './squad-steps';

/** Hours from start to start within which heavy work of another squad makes a day a quiet one (WEEK-3). */
const HEAVY_GAP_HOURS = 48;
const HOURS_A_DAY = 24;

export interface CalendarRows {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly day: Day;
  readonly athletes: readonly AthleteRow[];
  /** cards of other squads that some of the athletes train with, of the last week up to the day */
  readonly elsewhere: readonly SessionRow[];
  /** the squad's own of at least as long */
  readonly sessions: readonly SessionRow[];
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
  /** it lies in the same week, beside how many sets of it */
  readonly week: SharedWeek | null;
  readonly stepped: OwnCalendar['stepped'];
}

/** What another squad's card asks before this day's session begins, or null when it comes after it. */
function trainedBefore(session: SessionRow, { club, squad, day }: CalendarRows): TrainedBefore | null {
  const other = club.squads.find(({ id }) => id === session.squadId);
  if (!other) return null;
  const hours = hoursBetween([session.day, other], [day, squad]);
  if (hours < 0) return null;
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
    week: session.day < mondayOf(day) ? null : { ...ledSets([session], club), phases: [session.phase] },
    stepped: daysBetween(session.day, day) < club.method.settings.progress.squad.daysBetween ? steppedOn(session) : {},
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

function calendarOf(row: AthleteRow, before: readonly TrainedBefore[], rows: CalendarRows): OwnCalendar | null {
  const { club, squad } = rows;
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
    sharedWeek: sharedWeekOf(trained, rows),
    stepped: Object.assign({}, ...trained.map(({ stepped }) => stepped)) as OwnCalendar['stepped'],
  };
  const { elsewhere, had: hadHere, lighter } = calendar;
  const isEmpty = elsewhere.length + hadHere.length + lighter.length + trained.length === 0;
  return isEmpty ? null : calendar;
}

/** The week's hard sets of an athlete who has trained with another squad in it: theirs and this squad's together. */
function sharedWeekOf(
  trained: readonly TrainedBefore[],
  { club, squad, day, sessions }: CalendarRows,
): SharedWeek | null {
  const others = trained.flatMap(({ week }) => week ?? []);
  if (others.length === 0) return null;
  const monday = mondayOf(day);
  const here = sessions.filter((one) => one.athleteId === null && monday <= one.day && one.day < day);
  const own = ledSets(here, club);
  return {
    knee: others.reduce((sum, { knee }) => sum + knee, own.knee),
    hip: others.reduce((sum, { hip }) => sum + hip, own.hip),
    phases: [...new Set([squad.phase, ...others.flatMap(({ phases }) => phases)])],
  };
}

/** What lines of a card stepped up to on it. */
function steppedOn({ lines }: SessionRow): OwnCalendar['stepped'] {
  const rose = lines.filter(({ reasons }) =>
    reasons.some(({ code, facts }) => code === SQUAD_STEP && facts.rise === true),
  );
  return Object.fromEntries(
    rose.map(({ exerciseId, row, dose, full }) => {
      const { sets, amount } = full?.dose ?? dose;
      return [`${exerciseId} ${row}`, { sets, amount }];
    }),
  );
}

const daysOf = (from: Day, to: Day): Day[] =>
  Array.from({ length: Math.max(0, daysBetween(from, to)) + 1 }, (_, ahead) => addDays(from, ahead));
