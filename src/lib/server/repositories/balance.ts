import { and, count, eq, gt, inArray, isNull, lte, sql } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { gymSession, sessionLine, setNow } from '../db/schema';

/** Sets done from squads' cards over some days, by squad, athlete, entry and row. */
export const loadSetsDone = (tx: Tx, squadIds: readonly string[], after: Day, through: Day) =>
  tx
    .select({
      squadId: gymSession.squadId,
      athleteId: setNow.athleteId,
      exerciseId: setNow.exerciseId,
      row: setNow.row,
      day: setNow.day,
      sets: count(),
      rir: sql<number | null>`max((${setNow.written}->>'rir')::int)`,
    })
    .from(setNow)
    .innerJoin(gymSession, and(eq(gymSession.clubId, setNow.clubId), eq(gymSession.id, setNow.sessionId)))
    .where(and(inArray(gymSession.squadId, [...squadIds]), gt(gymSession.day, after), lte(gymSession.day, through)))
    .groupBy(gymSession.squadId, setNow.athleteId, setNow.exerciseId, setNow.row, setNow.day);

/** The squad's cards over some days as they were written. */
export const loadLinesWritten = (tx: Tx, squadId: string, after: Day, through: Day) =>
  tx
    .select({ day: gymSession.day, exerciseId: sessionLine.exerciseId, row: sessionLine.row, dose: sessionLine.dose })
    .from(sessionLine)
    .innerJoin(gymSession, and(eq(gymSession.clubId, sessionLine.clubId), eq(gymSession.id, sessionLine.sessionId)))
    .where(
      and(
        eq(gymSession.squadId, squadId),
        isNull(gymSession.athleteId),
        gt(gymSession.day, after),
        lte(gymSession.day, through),
      ),
    );

/** How hard and how long the squad's sessions were. */
export const loadEfforts = (tx: Tx, squadId: string, from: Day, through: Day) =>
  tx
    .select({ day: gymSession.day, minutes: gymSession.realMinutes, rpe: gymSession.sessionRpe })
    .from(gymSession)
    .where(
      and(
        eq(gymSession.squadId, squadId),
        isNull(gymSession.athleteId),
        sql`${gymSession.day} >= ${from}`,
        lte(gymSession.day, through),
      ),
    );
