import type { Day } from '$core/calendar';
import type { Phase } from '$core/library';
import { fail, type Result } from '$core/result';
import { moveSession, setBlockLength, setPhase, type SeasonChanges } from '$core/season';
import type { Tx } from '../db/client';
import type { ClubContext, SquadRow } from '../repositories/club-context';
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
