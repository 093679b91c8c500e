import { and, desc, eq, gte, lt } from 'drizzle-orm';
import { v7 } from 'uuid';
import { addDays, type Day } from '$core/calendar';
import type { LoadingKit } from '$core/dose';
import { getExercise, type Library } from '$core/library';
import { nextDose, type Change, type Exposure, type Response } from '$core/progress';
import type { AthleteFacts } from '$core/athlete';
import type { MethodTables } from '$core/method';
import type { Tx } from '../db/client';
import { checkIn, proposal, setLog } from '../db/schema';

/** How far back exposures are read: the longest layoff the rules speak of, and some. */
const EXPOSURE_DAYS = 60;
/** A morning answer speaks of the sessions since the day before yesterday. */
const ANSWER_SPEAKS_OF_DAYS = 3;

type LogRow = typeof setLog.$inferSelect;
type CheckInRow = typeof checkIn.$inferSelect;

/**
 * Works out what last session's lines call for, now that the athlete has answered, and leaves it for the coach
 * (PROG-0 to PROG-7, PROG-9). Asked twice, it proposes once.
 * @param day the day of the answer
 * @returns the changes proposed
 */
export async function proposeChanges(
  tx: Tx,
  of: {
    clubId: string;
    athlete: AthleteFacts;
    squadOfSession: (sessionId: string) => { squadId: string; kit: LoadingKit } | null;
    day: Day;
    method: MethodTables;
    library: Library;
  },
): Promise<Change[]> {
  const { athlete, day, method, library } = of;
  const logs = await tx
    .select()
    .from(setLog)
    .where(and(eq(setLog.athleteId, athlete.id), lt(setLog.day, day), gte(setLog.day, addDays(day, -EXPOSURE_DAYS))))
    .orderBy(desc(setLog.day), setLog.slot, setLog.setNumber);
  const lastDay = logs[0]?.day;
  if (lastDay === undefined || lastDay < addDays(day, -ANSWER_SPEAKS_OF_DAYS)) return [];
  const answers = await tx
    .select()
    .from(checkIn)
    .where(and(eq(checkIn.athleteId, athlete.id), gte(checkIn.day, addDays(day, -EXPOSURE_DAYS))));

  const values = [];
  const changes: Change[] = [];
  for (const slot of new Set(logs.filter((log) => log.day === lastDay).map((log) => `${log.sessionId} ${log.slot}`))) {
    const [first] = logs.filter((log) => `${log.sessionId} ${log.slot}` === slot);
    const home = first && of.squadOfSession(first.sessionId);
    if (!first || !home) continue;
    const exposures = exposuresOf(logs, first.exerciseId, answers);
    const [newest, ...older] = exposures;
    if (!newest) continue;
    const change = nextDose(
      {
        exercise: getExercise(library, first.exerciseId),
        row: first.row,
        athlete,
        exposures: [newest, ...older],
        lastSession: lastDay,
        today: day,
        kit: home.kit,
      },
      library,
      method,
    );
    if (!change) continue;
    changes.push(change);
    values.push({
      clubId: of.clubId,
      id: v7(),
      athleteId: athlete.id,
      squadId: home.squadId,
      sessionId: first.sessionId,
      slot: first.slot,
      row: first.row,
      day,
      kind: change.kind,
      from: change.from,
      to: change.to,
      rules: change.rules,
      saw: change.saw,
    });
  }
  if (values.length > 0) await tx.insert(proposal).values(values).onConflictDoNothing();
  return changes;
}

/** The times an entry was done, newest first, each with the answer of the next mornings. */
function exposuresOf(logs: readonly LogRow[], exerciseId: string, answers: readonly CheckInRow[]): Exposure[] {
  const own = logs.filter((log) => log.exerciseId === exerciseId);
  return [...new Set(own.map((log) => log.day))].map((day) => {
    const sets = own.filter((log) => log.day === day);
    const written = sets[0]?.written;
    if (!written) throw new Error('exposuresOf: a day without sets');
    return {
      day,
      dose: written,
      sets: sets.map(({ amount, loadKg, rir, fault }) => ({ amount, loadKg, rir, fault })),
      response: responseTo(day, logs, answers),
    };
  });
}

/** The first answer after a session and before, or at the door of, the next one. */
function responseTo(day: Day, logs: readonly LogRow[], answers: readonly CheckInRow[]): Response | null {
  const next = logs
    .map((log) => log.day)
    .filter((other) => other > day)
    .sort()[0];
  const found = answers
    .filter(
      (answer) =>
        answer.day > day &&
        answer.day <= addDays(day, ANSWER_SPEAKS_OF_DAYS) &&
        (next === undefined || answer.day <= next),
    )
    .sort((a, b) => (a.day < b.day ? -1 : 1))[0];
  return found ? { answer: found.answer, place: found.place, score: found.score } : null;
}
