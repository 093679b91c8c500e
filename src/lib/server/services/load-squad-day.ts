import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { loadLastDone, loadSquadAthletes } from '../repositories/athletes';
import { loadSessions, type SessionRow } from '../repositories/sessions';
import type { BriefRows } from './make-brief';

export interface SquadDay extends BriefRows {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  /** the session of this day, when there is one */
  readonly session: SessionRow | null;
}

/**
 * Everything about one squad on one day, in four statements however many athletes it has.
 * @returns null when the club has no such squad
 */
export async function loadSquadDay(
  tx: Tx,
  squadId: string,
  day: Day,
  athleteId: string | null,
): Promise<SquadDay | null> {
  const club = await loadClub(tx, day);
  const squad = club.squads.find(({ id }) => id === squadId);
  if (!squad) return null;
  const athletes = await loadSquadAthletes(tx, squadId, day);
  const lastDone = await loadLastDone(
    tx,
    athletes.map(({ id }) => id),
    day,
  );
  const sessions = await loadSessions(tx, squadId, athleteId, day);
  return {
    club,
    squad,
    athletes,
    lastDone,
    sessions,
    session: sessions.find((one) => one.day === day && one.athleteId === athleteId) ?? null,
  };
}
