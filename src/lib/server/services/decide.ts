import { and, asc, eq, gte, inArray } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { gymSession, lineOverride, proposal, setLog } from '../db/schema';
import { recordChanges } from './record-change';

type ProposalRow = typeof proposal.$inferSelect;

/**
 * Settles proposals: accepted ones go into the history and onto a next card that already stands; one that does not is
 * made with them. Settling twice changes nothing.
 * @returns how many were settled now, or `proposal_unknown`
 */
export async function decide(
  tx: Tx,
  clubId: string,
  ids: readonly string[],
  decision: 'accepted' | 'held',
  actor: string,
  day: Day,
): Promise<Result<number>> {
  const rows = await tx
    .select()
    .from(proposal)
    .where(inArray(proposal.id, [...ids]));
  if (rows.length < ids.length) return fail('proposal_unknown');
  const open = rows.filter((row) => row.state === 'open');
  if (open.length === 0) return ok(0);
  await tx
    .update(proposal)
    .set({ state: decision, decidedBy: actor, decidedDay: day })
    .where(
      inArray(
        proposal.id,
        open.map((row) => row.id),
      ),
    );
  await recordChanges(
    tx,
    clubId,
    open.map((row) => ({
      day,
      actor,
      subject: decision === 'accepted' ? 'dose' : 'dose-held',
      athleteId: row.athleteId,
      squadId: row.squadId,
      sessionId: row.sessionId,
      from: row.from,
      to: decision === 'accepted' ? row.to : row.from,
      rules: row.rules,
      saw: row.saw,
    })),
  );
  if (decision === 'accepted') await applyToStanding(tx, clubId, open, day);
  return ok(open.length);
}

/** Puts accepted changes on the squad's next card where it already stands, keeps the line, and has no set logged yet. */
async function applyToStanding(tx: Tx, clubId: string, rows: readonly ProposalRow[], day: Day): Promise<void> {
  const squads = [...new Set(rows.map((row) => row.squadId))];
  const sources = await tx.query.gymSession.findMany({
    where: inArray(gymSession.id, [...new Set(rows.map((row) => row.sessionId))]),
    with: { lines: true },
  });
  const standing = await tx.query.gymSession.findMany({
    where: and(inArray(gymSession.squadId, squads), gte(gymSession.day, day)),
    orderBy: asc(gymSession.day),
    with: { lines: true },
  });
  for (const row of rows) {
    const source = sources.find((session) => session.id === row.sessionId);
    const next = standing.find(
      (session) =>
        session.squadId === row.squadId &&
        session.day > (source?.day ?? day) &&
        (session.athleteId === null || session.athleteId === row.athleteId),
    );
    const line = next?.lines.find((one) => one.slot === row.slot);
    const before = source?.lines.find((one) => one.slot === row.slot);
    if (!next || !line || line.exerciseId !== before?.exerciseId) continue;
    const logged = await tx
      .select({ id: setLog.id })
      .from(setLog)
      .where(and(eq(setLog.sessionId, next.id), eq(setLog.athleteId, row.athleteId), eq(setLog.slot, row.slot)))
      .limit(1);
    if (logged.length > 0) continue;
    const own = {
      exerciseId: row.to.exerciseId,
      row: row.row,
      dose: row.to.dose,
      reasons: [{ code: 'accepted_change', rules: row.rules, facts: {} }],
      typed: false,
    };
    await tx
      .insert(lineOverride)
      .values({ clubId, sessionId: next.id, slot: row.slot, athleteId: row.athleteId, ...own })
      .onConflictDoUpdate({
        target: [lineOverride.clubId, lineOverride.sessionId, lineOverride.slot, lineOverride.athleteId],
        set: own,
      });
    await tx
      .update(gymSession)
      .set({ version: next.version + 1 })
      .where(and(eq(gymSession.id, next.id), eq(gymSession.version, next.version)));
  }
}
