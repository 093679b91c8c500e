import { and, count, desc, eq, gt, inArray, isNull, lte, sql } from 'drizzle-orm';
import { unionAll } from 'drizzle-orm/pg-core';
import type { Day } from '$core/calendar';
import type { DoseRowId } from '$core/method';
import type { Tx } from '../db/client';
import { fact, gymSession, sessionLine, setNow } from '../db/schema';

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

/** The same with what was done beside the sessions, which counts in the ledger too (SIDE-1). */
export const loadLedgerSets = (tx: Tx, squadIds: readonly string[], after: Day, through: Day) =>
  unionAll(loadSetsDone(tx, squadIds, after, through), sideSets(tx, squadIds, after, through));

/** Sets of side programmes: of several facts on one programme and day the last says whether it was done. */
function sideSets(tx: Tx, squadIds: readonly string[], after: Day, through: Day) {
  const said = tx
    .selectDistinctOn([fact.athleteId, fact.day, sql`${fact.body}->>'programme'`], {
      squadId: fact.squadId,
      athleteId: fact.athleteId,
      day: fact.day,
      body: fact.body,
    })
    .from(fact)
    .where(
      and(eq(fact.kind, 'side'), inArray(fact.squadId, [...squadIds]), gt(fact.day, after), lte(fact.day, through)),
    )
    .orderBy(fact.athleteId, fact.day, sql`${fact.body}->>'programme'`, desc(fact.seq))
    .as('said');
  return tx
    .select({
      squadId: sql<string>`${said.squadId}`,
      athleteId: sql<string>`${said.athleteId}`,
      exerciseId: sql<string>`line.value->>'exerciseId'`,
      row: sql<DoseRowId>`line.value->>'row'`,
      day: said.day,
      sets: sql<number>`(line.value->'dose'->>'sets')::int`.mapWith(Number),
      rir: sql<number | null>`(line.value->'dose'->>'rir')::int`,
    })
    .from(said)
    .crossJoinLateral(sql`jsonb_array_elements(${said.body}->'lines') as line`)
    .where(sql`(${said.body}->>'removed')::boolean is not true`);
}

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

/**
 * How hard a session was: the coach's word at its close, else the middle of what its athletes said. Tables are named: a
 * column written into a statement of one table loses its own, and would be read as the inner one's.
 */
const saidEffort = sql<number | null>`coalesce(${gymSession.sessionRpe}, (
  select percentile_cont(0.5) within group (order by said.rpe)
  from (
    select distinct on (athlete_id) rpe from check_in
    where check_in.club_id = gym_session.club_id and check_in.session_id = gym_session.id and rpe is not null
    order by athlete_id, seq desc
  ) said
))`.mapWith((value: unknown) => (value === null ? null : Number(value)));

/** How hard and how long the squad's sessions were. */
export const loadEfforts = (tx: Tx, squadId: string, from: Day, through: Day) =>
  tx
    .select({ day: gymSession.day, minutes: gymSession.realMinutes, rpe: saidEffort })
    .from(gymSession)
    .where(
      and(
        eq(gymSession.squadId, squadId),
        isNull(gymSession.athleteId),
        sql`${gymSession.day} >= ${from}`,
        lte(gymSession.day, through),
      ),
    );
