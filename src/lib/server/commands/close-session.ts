import { eq } from 'drizzle-orm';
import { fail, ok, type Result } from '$core/result';
import type { CloseSession } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { gymSession } from '../db/schema';
import { readCard } from '../reads/read-card';
import { loadSquadDay } from '../reads/squad-day';
import { loadSession } from '../repositories/sessions';
import { addFacts, derivedId } from './facts';
import { recordChanges } from './record-change';
import { lockAthletes, refoldTracks } from './refold';
import { settleSessions } from './settle-sessions';

/**
 * Closes a session: minutes and how hard it was, who was there, and that what nobody tapped was done too, but for lines
 * said not to be. Then the rules
 * settle what needs nobody's word (DOSE-2, PROG-7, PROG-9).
 * @returns how many were there, or `session_unknown`, `nobody_there`
 */
export async function closeSession(
  tx: Tx,
  actor: string,
  sessionId: string,
  { minutes, rpe, present, notDone }: CloseSession,
): Promise<Result<{ present: number }>> {
  const session = await loadSession(tx, sessionId);
  const rows = session && (await loadSquadDay(tx, session.squadId, session.day, session.athleteId));
  const read = rows && readCard(rows, true);
  if (!session || !rows || !read) return fail('session_unknown');
  const { club, sets } = rows;
  const members = rows.athletes.map(({ id }) => id);
  const tapped = new Set(sets.map(({ athleteId }) => athleteId));
  const there = members.filter((id) => tapped.has(id) || (present?.includes(id) ?? false));
  if (there.length === 0) return fail('nobody_there');
  await lockAthletes(tx, there);
  const untapped = (athleteId: string) =>
    read.view
      .filter(
        (line) =>
          line.athleteId === athleteId &&
          line.exerciseId !== null &&
          !line.stopped &&
          !notDone.includes(line.slot) &&
          !sets.some((set) => set.athleteId === athleteId && set.slot === line.slot),
      )
      .flatMap(({ exerciseId, row }) => (exerciseId === null ? [] : [{ exerciseId, row }]));
  const facts = there.map((athleteId) => ({ athleteId, untapped: untapped(athleteId) }));
  await addFacts(
    tx,
    club.clubId,
    facts.map((one) => ({
      id: derivedId('closed', sessionId, one.athleteId),
      kind: 'closed',
      day: session.day,
      actor,
      athleteId: one.athleteId,
      squadId: session.squadId,
      sessionId,
      body: { untapped: one.untapped },
    })),
  );
  await tx
    .update(gymSession)
    .set({ closedAt: session.closedAt ?? new Date(), realMinutes: minutes, sessionRpe: rpe })
    .where(eq(gymSession.id, sessionId));
  for (const one of facts)
    await refoldTracks(
      tx,
      club.clubId,
      one.athleteId,
      one.untapped.map(({ exerciseId }) => exerciseId),
    );
  await settleSessions(tx, club, there, { before: session.day, sessionId });
  await recordChanges(tx, club.clubId, [
    {
      day: session.day,
      actor,
      subject: 'session-closed',
      squadId: session.squadId,
      sessionId,
      from: null,
      to: { minutes, rpe, present: there.length },
    },
  ]);
  return ok({ present: there.length });
}
