import { and, desc, eq, gte, inArray } from 'drizzle-orm';
import { v7 } from 'uuid';
import { addDays, type Day } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import { answerComplaint, type Complaint } from '$core/safety';
import type { Change } from '$core/progress';
import { placeOf } from '$lib/model/kit';
import type { CheckInBody } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { checkIn, complaint, gymSession } from '../db/schema';
import { factsOf, homeOf, loadAthlete, loadLastDone } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { proposeChanges } from './propose';
import { recordChanges } from './record-change';

const SESSIONS_DAYS = 60;

/**
 * Keeps a morning answer (PROG-1): a day has one, and answering again replaces it while nothing was decided on it. Pain
 * opens or moves a complaint (SAFE-2, SAFE-8); a later calm answer lifts what it may. Then the rules propose.
 * @param actor staff user id when someone answers for the athlete at the door, else `athlete:<id>`
 * @returns the changes proposed, or `athlete_unknown`, `place_unknown`
 */
export async function keepCheckIn(
  tx: Tx,
  club: ClubContext,
  athleteId: string,
  body: CheckInBody,
  day: Day,
  actor: string,
): Promise<Result<Change[]>> {
  const athlete = await loadAthlete(tx, athleteId, day);
  if (!athlete) return fail('athlete_unknown');
  if (body.place !== null && !(body.place in club.method.places)) return fail('place_unknown', ['place']);
  const { id, ...answer } = body;
  const byStaff = actor.startsWith('athlete:') ? null : actor;
  const [before] = await tx
    .select()
    .from(checkIn)
    .where(and(eq(checkIn.athleteId, athleteId), eq(checkIn.day, day)));
  if (before?.id === id) return ok([]);
  if (before)
    await tx
      .update(checkIn)
      .set({ ...answer, byStaff })
      .where(eq(checkIn.id, before.id));
  else await tx.insert(checkIn).values({ clubId: club.clubId, id, athleteId, day, ...answer, byStaff });

  await answerComplaints(tx, club, athlete.complaints, body, athleteId, day, actor);
  const after = await loadAthlete(tx, athleteId, day);
  if (!after) return fail('athlete_unknown');
  const lastDone = await loadLastDone(tx, [athleteId], day);
  const sessions = await tx.query.gymSession.findMany({
    where: and(
      inArray(
        gymSession.squadId,
        after.squads.map(({ squadId }) => squadId),
      ),
      gte(gymSession.day, addDays(day, -SESSIONS_DAYS)),
    ),
    columns: { id: true, squadId: true },
    orderBy: desc(gymSession.day),
  });
  const homes = new Map(sessions.map((session) => [session.id, session.squadId]));
  const changes = await proposeChanges(tx, {
    clubId: club.clubId,
    athlete: factsOf(after, lastDone.get(athleteId) ?? {}, day, club, homeOf(after, club)),
    squadOfSession: (sessionId) => {
      const squad = club.squads.find(({ id: squadId }) => squadId === homes.get(sessionId));
      return squad ? { squadId: squad.id, kit: placeOf(squad.kit).loading } : null;
    },
    day,
    method: club.method,
    library: club.library,
  });
  return ok(changes);
}

/** A place that hurts opens or moves its complaint; "fine" is a calm answer to every complaint still open. */
async function answerComplaints(
  tx: Tx,
  club: ClubContext,
  open: readonly (typeof complaint.$inferSelect)[],
  body: CheckInBody,
  athleteId: string,
  day: Day,
  actor: string,
): Promise<void> {
  const place = body.answer === 'pain' ? body.place : null;
  const score = body.score ?? 0;
  for (const row of open) {
    const answered = row.place === place && (body.side === null || row.side === null || row.side === body.side);
    if (!answered && body.answer !== 'fine') continue;
    const { id, version, place: at, side, score: before, signs, since, calmAnswers, clearance } = row;
    const stated: Complaint = { place: at, side, score: before, signs, since, calmAnswers, clearance };
    const after = answerComplaint(
      answered ? { ...stated, signs: [...new Set([...stated.signs, ...body.signs])] } : stated,
      answered ? score : 0,
    );
    if (after.score === row.score && after.calmAnswers === row.calmAnswers && after.signs.length === row.signs.length)
      continue;
    await tx
      .update(complaint)
      .set({
        score: after.score,
        signs: after.signs,
        calmAnswers: after.calmAnswers,
        updatedDay: day,
        version: version + 1,
        ...(after.score > row.score ? { referredAt: null } : {}),
      })
      .where(eq(complaint.id, id));
    await recordChanges(tx, club.clubId, [
      {
        day,
        actor,
        subject: 'complaint',
        athleteId,
        from: { place: row.place, score: row.score },
        to: { place: row.place, score: after.score },
        rules: ['SAFE-8'],
      },
    ]);
  }
  const isNew =
    place !== null &&
    score > 0 &&
    !open.some((row) => row.place === place && (body.side === null || row.side === null || row.side === body.side));
  if (!isNew) return;
  await tx.insert(complaint).values({
    clubId: club.clubId,
    id: v7(),
    athleteId,
    place,
    side: body.side,
    score,
    signs: body.signs,
    since: day,
    updatedDay: day,
    clearance: null,
  });
  await recordChanges(tx, club.clubId, [
    {
      day,
      actor,
      subject: 'complaint',
      athleteId,
      from: null,
      to: { place, score, signs: body.signs },
      rules: ['SAFE-2', 'SAFE-8'],
    },
  ]);
}
