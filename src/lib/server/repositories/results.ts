import { and, count, desc, eq, gt, gte, inArray, sql } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import type { RecentWork } from '$core/startline';
import type { CellView } from '$lib/model/results';
import type { Tx } from '../db/client';
import { recordOf } from './athletes';
import type { ClubContext } from './club-context';
import { battery, setNow, squadAthlete, testDay, testResult } from '../db/schema';

/** A writer's clock and another's commit may cross by this much. */
const OVERLAP_MS = 10_000;

export type ResultRow = typeof testResult.$inferSelect;

export const cellView = (
  row: ResultRow,
  { method, staffNames: names }: Pick<ClubContext, 'method' | 'staffNames'>,
): CellView => ({
  athleteId: row.athleteId,
  test: row.test,
  day: row.day,
  side: row.side,
  value: recordOf(row, method).value,
  trials: row.trials,
  joints: row.joints,
  loadKg: row.loadKg,
  reps: row.reps,
  rir: row.rir,
  asks: row.asks,
  source: row.source,
  by: row.typedBy === null ? null : (names[row.typedBy] ?? null),
  version: row.version,
  changedAt: row.changedAt.toISOString(),
});

/** Cells of a squad's day that changed since: what other stations wrote. One statement. */
export async function changedResults(tx: Tx, squadId: string, day: Day, since: Date): Promise<ResultRow[]> {
  const rows = await tx
    .select({ result: testResult })
    .from(testResult)
    .innerJoin(
      squadAthlete,
      and(eq(squadAthlete.clubId, testResult.clubId), eq(squadAthlete.athleteId, testResult.athleteId)),
    )
    .where(
      and(
        eq(squadAthlete.squadId, squadId),
        eq(testResult.day, day),
        gt(testResult.changedAt, new Date(since.getTime() - OVERLAP_MS)),
      ),
    );
  return rows.map(({ result }) => result);
}

/** Athletes with a value before anything of a test is usual. */
const LEAST_PEERS = 4;

/** What is usual in the club of each test with enough athletes: the median of its counted values of the last while. */
export async function loadUsual(tx: Tx, tests: readonly string[], from: Day): Promise<ReadonlyMap<string, number>> {
  const rows = await tx
    .select({
      test: testResult.test,
      usual: sql<number | null>`percentile_cont(0.5) within group (order by ${testResult.value})`,
      athletes: sql<number>`count(distinct ${testResult.athleteId})::int`,
    })
    .from(testResult)
    .where(and(inArray(testResult.test, [...tests]), gte(testResult.day, from), eq(testResult.asks, false)))
    .groupBy(testResult.test);
  return new Map(
    rows.flatMap(({ test, usual, athletes }) => (usual !== null && athletes >= LEAST_PEERS ? [[test, usual]] : [])),
  );
}

/** Results of athletes in some tests up to a day, newest first. */
export const resultsOf = (
  tx: Tx,
  athleteIds: readonly string[],
  tests: readonly string[],
  from: Day,
): Promise<ResultRow[]> =>
  tx
    .select()
    .from(testResult)
    .where(
      and(
        inArray(testResult.athleteId, [...athleteIds]),
        inArray(testResult.test, [...tests]),
        gte(testResult.day, from),
      ),
    )
    .orderBy(desc(testResult.day));

/** The tests chosen for a squad's days around one, newest first. */
export const testDaysOf = (tx: Tx, squadId: string, around: Day): Promise<(typeof testDay.$inferSelect)[]> =>
  tx
    .select()
    .from(testDay)
    .where(and(eq(testDay.squadId, squadId), gte(testDay.day, addDays(around, -400))))
    .orderBy(desc(testDay.day));

/** Sets a week by athlete and exercise over the last weeks of the log (START-4): one statement. */
export async function loggedWork(
  tx: Tx,
  athleteIds: readonly string[],
  from: Day,
  weeks: number,
): Promise<Map<string, RecentWork[]>> {
  const found = new Map<string, RecentWork[]>();
  if (athleteIds.length === 0) return found;
  const rows = await tx
    .select({ athleteId: setNow.athleteId, exerciseId: setNow.exerciseId, sets: count() })
    .from(setNow)
    .where(and(inArray(setNow.athleteId, [...athleteIds]), gte(setNow.day, from)))
    .groupBy(setNow.athleteId, setNow.exerciseId);
  for (const { athleteId, exerciseId, sets } of rows)
    found.set(athleteId, [...(found.get(athleteId) ?? []), { exerciseId, setsPerWeek: sets / weeks }]);
  return found;
}

/** What an athlete did on which days since. */
export const doneDays = (tx: Tx, athleteId: string, from: Day): Promise<{ exerciseId: string; day: Day }[]> =>
  tx
    .selectDistinct({ exerciseId: setNow.exerciseId, day: setNow.day })
    .from(setNow)
    .where(and(eq(setNow.athleteId, athleteId), gte(setNow.day, from)));

/** The next testing day of any squad from a day on. */
export const nextTestDay = async (tx: Tx, from: Day): Promise<typeof testDay.$inferSelect | undefined> =>
  (await tx.select().from(testDay).where(gte(testDay.day, from)).orderBy(testDay.day).limit(1))[0];

/** Named sets of tests, by name. */
export const loadBatteries = (tx: Tx): Promise<(typeof battery.$inferSelect)[]> =>
  tx.select().from(battery).orderBy(battery.name);
