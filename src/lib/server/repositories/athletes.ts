import { desc, eq, gt, gte, inArray, max } from 'drizzle-orm';
import { addDays, ageInYears, type Day } from '$core/calendar';
import type { AthleteFacts } from '$core/athlete';
import type { TestId } from '$core/library';
import type { MethodTables } from '$core/method';
import { complaintColumn, type ActiveComplaint } from '$core/safety';
import { estimateOneRepMax, type TestState } from '$core/testing';
import type { Tx } from '../db/client';
import { athlete, checkIn, complaint, setLog, squadAthlete, testResult } from '../db/schema';

/** How long a control or skill screen holds; range screens hold half as long (method 3). */
const SCREEN_DAYS = 180;
const RANGE_DAYS = 90;
const MORNINGS_SHOWN = 6;

const parts = (day: Day) => ({
  results: { where: gte(testResult.day, addDays(day, -SCREEN_DAYS)), orderBy: desc(testResult.day) },
  complaints: { where: gt(complaint.score, 0) },
  checkIns: { orderBy: desc(checkIn.day), limit: MORNINGS_SHOWN },
});

const querySquad = (tx: Tx, squadId: string, day: Day) =>
  tx.query.squadAthlete.findMany({ where: eq(squadAthlete.squadId, squadId), with: { athlete: { with: parts(day) } } });

const queryOne = (tx: Tx, athleteId: string, day: Day) =>
  tx.query.athlete.findFirst({ where: eq(athlete.id, athleteId), with: { ...parts(day), squads: true, links: true } });

export type AthleteRow = Awaited<ReturnType<typeof querySquad>>[number]['athlete'];
export type AthletePage = NonNullable<Awaited<ReturnType<typeof queryOne>>>;

/** A squad's athletes with their results, open complaints and last mornings, by name: one statement. */
export async function loadSquadAthletes(tx: Tx, squadId: string, day: Day): Promise<AthleteRow[]> {
  const rows = await querySquad(tx, squadId, day);
  return rows.map((row) => row.athlete).sort((a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1));
}

export const loadAthlete = (tx: Tx, athleteId: string, day: Day): Promise<AthletePage | undefined> =>
  queryOne(tx, athleteId, day);

/** The last day each athlete did each entry: one statement for all of them. */
export async function loadLastDone(
  tx: Tx,
  athleteIds: readonly string[],
  before: Day,
): Promise<Map<string, Record<string, Day>>> {
  const done = new Map<string, Record<string, Day>>();
  if (athleteIds.length === 0) return done;
  const rows = await tx
    .select({ athleteId: setLog.athleteId, exerciseId: setLog.exerciseId, day: max(setLog.day) })
    .from(setLog)
    .where(inArray(setLog.athleteId, [...athleteIds]))
    .groupBy(setLog.athleteId, setLog.exerciseId);
  for (const row of rows) {
    if (row.day === null || row.day >= before) continue;
    done.set(row.athleteId, { ...done.get(row.athleteId), [row.exerciseId]: row.day });
  }
  return done;
}

/** What the rules know of an athlete on a day, from the rows. */
export function factsOf(
  row: AthleteRow,
  lastDone: Readonly<Record<string, Day>>,
  day: Day,
  method: MethodTables,
): AthleteFacts {
  const tests: Partial<Record<TestId, TestState>> = {};
  const e1rmKg: Record<string, number> = {};
  const { loading } = method.settings;
  for (const result of row.results) {
    if (result.day > day) continue;
    const isRange = result.test.startsWith('R');
    if (result.passed !== null) {
      const inDate = result.day >= addDays(day, -(isRange ? RANGE_DAYS : SCREEN_DAYS));
      // a test past its time is unknown; one that failed when last done stays failed (START-2)
      if (!(result.test in tests) && (inDate || !result.passed))
        tests[result.test as TestId] = result.passed ? 'passed' : 'failed';
    }
    if (result.loadKg === null || result.reps === null || result.day < addDays(day, -loading.validDays)) continue;
    const estimate = estimateOneRepMax(loading.formula, result.loadKg, result.reps, result.rir ?? 0, loading.maxReps);
    if (estimate.ok) e1rmKg[result.test] = Math.max(e1rmKg[result.test] ?? 0, estimate.value);
  }
  return {
    id: row.id,
    name: row.name,
    ageYears: row.birthDate === null ? null : ageInYears(row.birthDate, day),
    liftLevel: row.liftLevel,
    jumpLevel: row.jumpLevel,
    bodyMassKg: row.bodyMassKg,
    growthCmPerMonth: row.growthCmPerMonth,
    jumpSeasons: row.jumpSeasons,
    tests,
    e1rmKg,
    complaints: activeComplaints(row.complaints, day),
    lastDone,
  };
}

export function activeComplaints(rows: AthleteRow['complaints'], day: Day): ActiveComplaint[] {
  return rows.flatMap(({ place, side, score, signs, since, calmAnswers, clearance }) => {
    const column = complaintColumn({ place, side, score, signs, since, calmAnswers, clearance }, day);
    return column === null ? [] : [{ place, side, score, column }];
  });
}
