import ical, { ICalCalendarMethod, type ICalCalendar } from 'ical-generator';
import { addDays, isWithin, type Day } from '$core/calendar';
import type { PlannedSession, SeasonPlan } from '$core/season';
import type { Tx } from '../db/client';
import { seasonPlan } from '../reads/squad-plan';
import { loadAthlete, loadSquadAthletes, type AthletePage } from '../repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { loadFollowed } from '../repositories/season';

const KINDS: Readonly<Record<PlannedSession['kind'], string>> = {
  lift: 'Lift',
  micro: 'Micro-dose',
  primer: 'Primer',
  recovery: 'Recovery',
};

const calendarNamed = (name: string, { zone }: ClubContext): ICalCalendar =>
  ical({
    name,
    timezone: zone,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'jaleo', product: 'season', language: 'EN' },
  });

/**
 * A squad's season as an iCalendar file: its sessions at the club's local time and its events as whole days. A session is
 * told from others by its squad and day, so that a calendar which reads the file again changes it and does not double it.
 */
export function seasonCalendar(club: ClubContext, squad: SquadRow, plan: SeasonPlan | null): string {
  const calendar = calendarNamed(`${squad.name} · ${club.name}`, club);
  addSquad(calendar, club, squad, plan, () => true);
  return calendar.toString();
}

/** @param isFor sessions and events of which days and ids go in */
function addSquad(
  calendar: ICalCalendar,
  club: ClubContext,
  squad: SquadRow,
  plan: SeasonPlan | null,
  isFor: (day: Day, eventId: string | null) => boolean,
): void {
  for (const { number, sessions, phase } of plan?.weeks ?? [])
    for (const session of sessions.filter(({ day }) => isFor(day, null)))
      calendar.createEvent({
        id: `${squad.id}-${session.day}@jaleo`,
        // floating local time: the zone of the calendar says where
        start: `${session.day}T${session.start}:00`,
        end: endOf(session),
        timezone: club.zone,
        summary: `${squad.name}: ${KINDS[session.kind]}${session.role ? ` ${session.role}` : ''}`,
        description: [
          `Week ${String(number)}, ${club.method.phases[phase].name}`,
          ...session.mains.map(
            ({ lead, sets, reps, rir }) =>
              `${lead}-led main ${String(sets)} × ${String(reps)}${rir === null ? '' : `, RIR ${String(rir)}`}`,
          ),
        ].join('\n'),
      });
  for (const { id, day, name, kind } of squad.events.filter((event) => isFor(event.day, event.id)))
    wholeDays(calendar, `${id}@jaleo`, day, day, `${squad.name}: ${name} (${kind})`);
}

const wholeDays = (calendar: ICalCalendar, id: string, from: Day, to: Day, summary: string): void => {
  calendar.createEvent({
    id,
    start: `${from}T00:00:00`,
    end: `${addDays(to, 1)}T00:00:00`,
    allDay: true,
    summary,
  });
};

function endOf({ day, start, minutes }: PlannedSession): string {
  const total = Number(start.slice(0, 2)) * 60 + Number(start.slice(3)) + minutes;
  const [days, inDay] = [Math.floor(total / 1440), total % 1440];
  const clock = `${String(Math.floor(inDay / 60)).padStart(2, '0')}:${String(inDay % 60).padStart(2, '0')}`;
  return `${addDays(day, days)}T${clock}:00`;
}

/** A squad with its plan as it stands now, for what is sent out; null when the club has no such squad. */
export async function plannedSquad(
  tx: Tx,
  squadId: string,
): Promise<{ club: ClubContext; squad: SquadRow; plan: SeasonPlan | null } | null> {
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === squadId);
  return squad ? { club, squad, plan: await planNow(tx, club, squad) } : null;
}

const planNow = async (tx: Tx, club: ClubContext, squad: SquadRow): Promise<SeasonPlan | null> =>
  seasonPlan(club, squad, await loadSquadAthletes(tx, squad.id, club.today), await loadFollowed(tx, squad.id));

/** A squad's season as an iCalendar text, as its plan stands now; null when the club has no such squad. */
export async function calendarOf(tx: Tx, squadId: string): Promise<string | null> {
  const of = await plannedSquad(tx, squadId);
  return of && seasonCalendar(of.club, of.squad, of.plan);
}

/**
 * One athlete's calendar: sessions of all their squads but for days away, events they are not left out of, and days of
 * their own. Each keeps the name it has in its squad's calendar. Null when there is no such athlete.
 */
export async function athleteCalendar(tx: Tx, athleteId: string): Promise<string | null> {
  const club = await loadClub(tx);
  const athlete = await loadAthlete(tx, athleteId, club.today);
  if (!athlete) return null;
  const calendar = calendarNamed(`Training · ${club.name}`, club);
  for (const { squadId } of athlete.squads) {
    const squad = club.squads.find(({ id }) => id === squadId);
    if (squad) addSquad(calendar, club, squad, await planNow(tx, club, squad), isForAthlete(athlete));
  }
  for (const { id, name, from, to } of athlete.days) wholeDays(calendar, `${id}@jaleo`, from, to, name);
  return calendar.toString();
}

function isForAthlete({ days, appearances }: AthletePage): (day: Day, eventId: string | null) => boolean {
  const away = days.filter(({ kind }) => kind === 'away');
  const left = new Set(appearances.filter(({ selected }) => !selected).map(({ eventId }) => eventId));
  return (day, eventId) => !isWithin(day, away) && (eventId === null || !left.has(eventId));
}
