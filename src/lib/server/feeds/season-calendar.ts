import ical, { ICalCalendarMethod } from 'ical-generator';
import { addDays } from '$core/calendar';
import type { PlannedSession, SeasonPlan } from '$core/season';
import type { Tx } from '../db/client';
import { seasonPlan } from '../reads/squad-plan';
import { loadSquadAthletes } from '../repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { loadFollowed } from '../repositories/season';

const KINDS: Readonly<Record<PlannedSession['kind'], string>> = {
  lift: 'Lift',
  micro: 'Micro-dose',
  primer: 'Primer',
  recovery: 'Recovery',
};

/**
 * A squad's season as an iCalendar file: its sessions at the club's local time and its events as whole days. A session is
 * told from others by its squad and day, so that a calendar which reads the file again changes it and does not double it.
 */
export function seasonCalendar(club: ClubContext, squad: SquadRow, plan: SeasonPlan | null): string {
  const calendar = ical({
    name: `${squad.name} · ${club.name}`,
    timezone: club.zone,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'jaleo', product: 'season', language: 'EN' },
  });
  for (const { number, sessions, phase } of plan?.weeks ?? [])
    for (const session of sessions)
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
  for (const { id, day, name, kind } of squad.events)
    calendar.createEvent({
      id: `${id}@jaleo`,
      start: `${day}T00:00:00`,
      end: `${addDays(day, 1)}T00:00:00`,
      allDay: true,
      summary: `${squad.name}: ${name} (${kind})`,
    });
  return calendar.toString();
}

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
  if (!squad) return null;
  const athletes = await loadSquadAthletes(tx, squad.id, club.today);
  return { club, squad, plan: seasonPlan(club, squad, athletes, await loadFollowed(tx, squad.id)) };
}

/** A squad's season as an iCalendar text, as its plan stands now; null when the club has no such squad. */
export async function calendarOf(tx: Tx, squadId: string): Promise<string | null> {
  const of = await plannedSquad(tx, squadId);
  return of && seasonCalendar(of.club, of.squad, of.plan);
}
