import { addDays, matchTags, type Day } from '$core/calendar';
import type { Phase } from '$core/library';
import { dayLimits, type PlannedWeek, gymTimeOn } from '$core/season';
import type { Tx } from '../db/client';
import { loadSquadAthletes, type AthleteRow } from '../repositories/athletes';
import { timesOf, loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { loadFollowed } from '../repositories/season';
import { blockStart, loadSessions, loadSets, type SessionRow, type SetRow } from '../repositories/sessions';
import { isAwayOn } from './own-calendars';

/** Everything about one squad on one day. */
export interface SquadDay {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly day: Day;
  /** the athlete whose own card it is; null = the squad's */
  readonly athleteId: string | null;
  readonly athletes: readonly AthleteRow[];
  /** who by their own calendar is not here */
  readonly away: readonly AthleteRow[];
  /** cards of other squads that some of the athletes train with, of the last week */
  readonly elsewhere: readonly SessionRow[];
  /** the last weeks' cards, newest first, up to the day */
  readonly sessions: readonly SessionRow[];
  /** the session of this day, when there is one, and its sets */
  readonly session: SessionRow | null;
  readonly sets: readonly SetRow[];
  /** first day of the squad's run of its phase before this day */
  readonly blockStart: Day | null;
  /** weeks of its season as they were followed */
  readonly followed: readonly PlannedWeek[];
}

/**
 * Everything about one squad on one day, in five statements however many athletes it has.
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
  const { own: sessions, elsewhere } = await loadSessions(tx, squadId, athleteId, day);
  const session = sessions.find((one) => one.day === day && one.athleteId === athleteId) ?? null;
  const phase: Phase = session?.phase ?? squad.phase;
  const sets = await loadSets(tx, session ? [session.id] : []);
  const begun = new Set(sets.map((set) => set.athleteId));
  const [away, here] = partition(athletes, (row) => isAwayOn(row, day) && !begun.has(row.id));
  return {
    club,
    squad,
    day,
    athleteId,
    athletes: here,
    away,
    elsewhere,
    sessions,
    session,
    sets,
    blockStart: blockStart(sessions, phase, day),
    followed: squad.season ? await loadFollowed(tx, squadId) : [],
  };
}

/** Whether no gym day of the next weeks lies clear of events: then a new lift may enter near one (WEEK-6). */
export function hasNoClearDay(squad: SquadRow, day: Day, { settings }: ClubContext['method']): boolean {
  const { events, gymDays } = squad;
  if (gymDays.length === 0) return false;
  for (let ahead = 0; ahead <= settings.week.clearWithinDays; ahead++) {
    const on = addDays(day, ahead);
    if (!gymTimeOn(on, timesOf(squad))) continue;
    if (!dayLimits(matchTags(on, events, settings.week.tagReachDays), settings).quiet) return false;
  }
  return true;
}

function partition<T>(all: readonly T[], is: (one: T) => boolean): [T[], T[]] {
  return [all.filter(is), all.filter((one) => !is(one))];
}
