import { addDays, daysBetween, type Day } from '$core/calendar';
import type { Phase } from '$core/library';
import { fail, ok, type Result } from '$core/result';
import { moveSession, setBlockLength, setPhase, type SeasonChanges } from '$core/season';
import type { Tx } from '../db/client';
import { event, season } from '../db/schema';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { derivedId } from './facts';
import { recordChanges } from './record-change';
import { writeSeason } from './season';

/** Puts a session on another day of its week. */
export async function putSession(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  asked: { readonly from: Day; readonly to: Day; readonly start: string | null },
  actor: string,
): Promise<Result<null>> {
  if (!of.season) return fail('no_season', []);
  const { changes, closures } = of.season;
  const moved = moveSession({ changes, closures, gymDays: of.gymDays }, asked, club.today);
  return moved.ok ? writeSeason(tx, club, of, { changes: moved.value }, actor) : moved;
}

/** Gives weeks a phase over the calendar's head. @param phase null = as the calendar says */
export const putPhase = (
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  { from, to, phase }: { readonly from: Day; readonly to: Day; readonly phase: Phase | null },
  actor: string,
): Promise<Result<null>> => change(tx, club, of, actor, (changes) => setPhase(changes, from, to, phase));

/** Gives a block its length. @param from Monday of its first week @param weeks null = as the rules lay it */
export const putBlockLength = (
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  { from, weeks }: { readonly from: Day; readonly weeks: number | null },
  actor: string,
): Promise<Result<null>> => change(tx, club, of, actor, (changes) => setBlockLength(changes, from, weeks));

async function change(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  actor: string,
  by: (changes: SeasonChanges) => SeasonChanges,
): Promise<Result<null>> {
  if (!of.season) return fail('no_season', []);
  return writeSeason(tx, club, of, { changes: by(of.season.changes) }, actor);
}

/** One day of a practice is off, or shorter. @param minutes null = as usual again */
export async function exceptPractice(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  { id, day, minutes }: { readonly id: string; readonly day: Day; readonly minutes: number | null },
  actor: string,
): Promise<Result<null>> {
  const practice = of.season?.practices.find((one) => one.id === id);
  if (!of.season || !practice) return fail('practice_gone', ['id']);
  const others = practice.except.filter((one) => one.day !== day);
  const except = minutes === null ? others : [...others, { day, minutes }];
  const practices = of.season.practices.map((one) => (one.id === id ? { ...one, except } : one));
  return writeSeason(tx, club, of, { practices }, actor);
}

/**
 * Copies another squad's season to this one, which has none: dates, closed days and practices, and its events when asked,
 * all of them moved by whole weeks so that it starts in the week asked for.
 * @returns nothing, or `season_there`, `no_season`
 */
export async function copySeason(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  { from, start, events }: { readonly from: SquadRow; readonly start: Day; readonly events: boolean },
  actor: string,
): Promise<Result<null>> {
  if (!from.season) return fail('no_season', ['squad']);
  if (of.season) return fail('season_there', ['squad']);
  const by = Math.round(daysBetween(from.season.start, start) / 7) * 7;
  const on = (day: Day): Day => addDays(day, by);
  const copied = {
    start: on(from.season.start),
    end: on(from.season.end),
    sessionsAWeek: from.season.sessionsAWeek,
    closures: from.season.closures.map((one) => ({ ...one, from: on(one.from), to: on(one.to) })),
    practices: from.season.practices.map((one) => ({ ...one, except: [] })),
  };
  await tx.insert(season).values({ clubId: club.clubId, squadId: of.id, ...copied, plannedFrom: club.today });
  const fixtures = events ? from.events.filter(({ day }) => from.season && from.season.start <= day) : [];
  const there = new Set(of.events.map(({ day, name }) => `${day} ${name}`));
  const fresh = fixtures
    .map(({ id: was, day, name, kind, peak }) => ({
      clubId: club.clubId,
      squadId: of.id,
      id: derivedId(id, was),
      day: on(day),
      name,
      kind,
      peak,
    }))
    .filter(({ day, name }) => !there.has(`${day} ${name}`));
  if (fresh.length > 0) await tx.insert(event).values(fresh);
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'season',
      squadId: of.id,
      from: null,
      to: { start: copied.start, end: copied.end, copiedFrom: from.name, events: fresh.length },
    },
  ]);
  return ok(null);
}
