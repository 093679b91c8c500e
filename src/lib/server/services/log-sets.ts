import { and, eq, inArray } from 'drizzle-orm';
import { fail, ok, type Result } from '$core/result';
import { athleteLines } from '$core/session';
import type { SetLogBody } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { setLog, squadAthlete } from '../db/schema';
import { cardOf, loadSession } from '../repositories/sessions';

/**
 * Keeps sets as they come from the floor, in any order and as often as a device repeats them: one set of one athlete is
 * one row, and the latest tap on it counts. What was written is taken from the card, not from the device.
 * @returns how many sets stand now, or `session_unknown`, `athlete_not_in_squad`, `line_unknown`
 */
export async function logSets(tx: Tx, clubId: string, sets: readonly SetLogBody[]): Promise<Result<number>> {
  const sessions = [...new Set(sets.map((set) => set.sessionId))];
  let kept = 0;
  for (const sessionId of sessions) {
    const session = await loadSession(tx, sessionId);
    if (!session) return fail('session_unknown', [], { sessionId });
    const own = sets.filter((set) => set.sessionId === sessionId);
    const athleteIds = [...new Set(own.map((set) => set.athleteId))];
    const members = await tx
      .select({ id: squadAthlete.athleteId })
      .from(squadAthlete)
      .where(and(eq(squadAthlete.squadId, session.squadId), inArray(squadAthlete.athleteId, athleteIds)));
    if (members.length < athleteIds.length) return fail('athlete_not_in_squad');
    const card = cardOf(session);
    const rows = [];
    for (const set of own) {
      const line = athleteLines(card, set.athleteId).find((one) => one.line.slot === set.slot);
      if (!line) return fail('line_unknown', [set.slot], { slot: set.slot });
      rows.push({ set, line });
    }
    for (const { set, line } of rows) {
      const key = and(
        eq(setLog.sessionId, sessionId),
        eq(setLog.athleteId, set.athleteId),
        eq(setLog.slot, set.slot),
        eq(setLog.setNumber, set.setNumber),
      );
      if (set.removed) {
        await tx.delete(setLog).where(key);
        continue;
      }
      const done = {
        amount: set.amount,
        loadKg: set.loadKg,
        rir: set.rir,
        fault: set.fault,
        asWritten: set.asWritten,
        doneAt: new Date(set.doneAt),
      };
      await tx
        .insert(setLog)
        .values({
          clubId,
          id: set.id,
          sessionId,
          athleteId: set.athleteId,
          slot: set.slot,
          setNumber: set.setNumber,
          day: session.day,
          exerciseId: line.exerciseId,
          row: line.row,
          written: line.dose,
          ...done,
        })
        .onConflictDoUpdate({
          target: [setLog.clubId, setLog.sessionId, setLog.athleteId, setLog.slot, setLog.setNumber],
          set: done,
        });
      kept += 1;
    }
  }
  return ok(kept);
}
