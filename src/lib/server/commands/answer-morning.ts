import type { Day } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import type { CheckInBody } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { checkIn } from '../db/schema';
import { trainedLately } from '../reads/call-rows';
import { loadAthlete, morningsOf } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { applyByRule } from './apply-by-rule';
import { recordChanges } from './record-change';
import { lockAthletes, refoldComplaints, refoldTracks, spokenOf } from './refold';
import { settleSessions } from './settle-sessions';

/**
 * How hard the last session was, said after the morning's answer: the same answer again, with it.
 * @returns nothing, or `answer_first` where nobody has answered today
 */
export async function sayEffort(
  tx: Tx,
  club: ClubContext,
  athleteId: string,
  id: string,
  rpe: number,
  actor: string,
): Promise<Result<null>> {
  const athlete = await loadAthlete(tx, athleteId, club.today);
  const given = athlete && morningsOf(athlete).find(({ day }) => day === club.today);
  if (!given) return fail('answer_first', ['rpe']);
  const { answer, place, side, score, signs } = given;
  const body = { id, answer, place, side, score, signs: [...signs] as CheckInBody['signs'], rpe };
  return answerMorning(tx, club, athleteId, body, club.today, actor);
}

/**
 * Keeps a morning answer (PROG-1): of a day the last one counts, whatever was answered before. Pain opens or moves a
 * complaint, a later calm answer lifts what it may (SAFE-2, SAFE-8); what the answer asks of the doses is read from the
 * tracks afterwards, so that a corrected answer takes back what it asked.
 * @param actor staff user id when someone answers for the athlete at the door, else `athlete:<id>`
 * @returns nothing, or `athlete_unknown`, `place_unknown`
 */
export async function answerMorning(
  tx: Tx,
  club: ClubContext,
  athleteId: string,
  body: CheckInBody,
  day: Day,
  actor: string,
): Promise<Result<null>> {
  await lockAthletes(tx, [athleteId]);
  const athlete = await loadAthlete(tx, athleteId, day);
  if (!athlete) return fail('athlete_unknown');
  if (body.place !== null && !Object.hasOwn(club.method.places, body.place)) return fail('place_unknown', ['place']);
  await settleSessions(tx, club, [athleteId], { before: day });
  const sessionId = body.rpe == null ? null : (trainedLately(athlete, day)?.sessionId ?? null);
  await tx
    .insert(checkIn)
    .values({
      clubId: club.clubId,
      athleteId,
      day,
      ...body,
      sessionId,
      byStaff: actor.startsWith('athlete:') ? null : actor,
    })
    .onConflictDoNothing();
  const moves = await refoldComplaints(tx, club.clubId, athleteId);
  await refoldTracks(tx, club.clubId, athleteId, await spokenOf(tx, athleteId, day));
  await recordChanges(
    tx,
    club.clubId,
    moves.map(({ place, from, to }) => ({
      day,
      actor,
      subject: 'complaint',
      athleteId,
      from: from === null ? null : { place, score: from },
      to: { place, score: to },
      rules: ['SAFE-2', 'SAFE-8'],
    })),
  );
  await applyByRule(tx, club, athleteId);
  return ok(null);
}
