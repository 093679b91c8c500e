import { desc, eq, gt, gte, inArray, max } from 'drizzle-orm';
import { addDays, ageInYears, type Day } from '$core/calendar';
import { FOCUSES, INJURY_GUARDS, MOMENTS, START, TEST_SPECS } from '$catalog';
import type { AthleteFacts, WeakMoment } from '$core/athlete';
import { TESTS, type Sport, type TestId } from '$core/library';
import { complaintColumn, type ActiveComplaint } from '$core/safety';
import {
  holdsBack,
  jumperOf,
  liftsAtCeiling,
  momentOn,
  NO_AIMS,
  outcomesOf,
  withEstimates,
  type Outcomes,
  type SetFocus,
} from '$core/startline';
import { assumedNoise, bestOf, estimateOneRepMax, type TestRecord, type TestState } from '$core/testing';
import type { Tx } from '../db/client';
import { athlete, checkIn, complaint, setLog, squadAthlete, testResult } from '../db/schema';
import type { ClubContext, SquadRow } from './club-context';

/** How far back results are read: past their time they are shown greyed, and a failure still counts (START-2). */
const RESULT_DAYS = 400;
const MORNINGS_SHOWN = 6;

const parts = (day: Day) => ({
  results: { where: gte(testResult.day, addDays(day, -RESULT_DAYS)), orderBy: desc(testResult.day) },
  complaints: { where: gt(complaint.score, 0) },
  checkIns: { orderBy: desc(checkIn.day), limit: MORNINGS_SHOWN },
});

const querySquads = (tx: Tx, squadIds: readonly string[], day: Day) =>
  tx.query.squadAthlete.findMany({
    where: inArray(squadAthlete.squadId, [...squadIds]),
    with: { athlete: { with: parts(day) } },
  });

const queryOne = (tx: Tx, athleteId: string, day: Day) =>
  tx.query.athlete.findFirst({ where: eq(athlete.id, athleteId), with: { ...parts(day), squads: true, links: true } });

export type AthleteRow = Awaited<ReturnType<typeof querySquads>>[number]['athlete'];
export type AthletePage = NonNullable<Awaited<ReturnType<typeof queryOne>>>;

/** A squad's athletes with their results, open complaints and last mornings, by name: one statement. */
export const loadSquadAthletes = async (tx: Tx, squadId: string, day: Day): Promise<AthleteRow[]> =>
  (await loadSquadsAthletes(tx, [squadId], day)).get(squadId) ?? [];

/** The same for several squads at once, by squad: still one statement. */
export async function loadSquadsAthletes(
  tx: Tx,
  squadIds: readonly string[],
  day: Day,
): Promise<Map<string, AthleteRow[]>> {
  const found = new Map<string, AthleteRow[]>();
  for (const { squadId, athlete: row } of await querySquads(tx, squadIds, day))
    found.set(squadId, [...(found.get(squadId) ?? []), row]);
  for (const rows of found.values()) rows.sort((a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1));
  return found;
}

export const loadAthlete = (tx: Tx, athleteId: string, day: Day): Promise<AthletePage | undefined> =>
  queryOne(tx, athleteId, day);

/** The squad an athlete trains with; of several, the first by name. */
export const homeOf = ({ squads }: AthletePage, club: ClubContext): SquadRow | null =>
  club.squads.find(({ id }) => squads.some(({ squadId }) => squadId === id)) ?? null;

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
  club: Pick<ClubContext, 'method' | 'library'>,
  squad: Pick<SquadRow, 'aims' | 'sportId'> | null,
): AthleteFacts {
  const { loading, jump } = club.method.settings;
  const records = row.results.map(recordOf);
  const outcomes = outcomesOf(withEstimates(records, loading), TEST_SPECS, day);
  const tests: Partial<Record<TestId, TestState>> = {};
  for (const id of TESTS) {
    const state = outcomes.get(id)?.state;
    if (state !== undefined && state !== 'unknown') tests[id] = state;
  }
  const e1rmKg: Record<string, number> = {};
  for (const result of records) {
    if (result.loadKg === null || result.reps === null || result.asks) continue;
    if (result.day > day || result.day < addDays(day, -loading.validDays)) continue;
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
    pastInjuries: row.background.pastInjuries.map(({ place }) => ({ place, guards: INJURY_GUARDS[place] ?? [] })),
    focus: focusOf(row.focus),
    moment: momentOn(
      row.weakMoment,
      momentsOf(squad ? club.library.sports.get(squad.sportId) : undefined),
      day,
      START.momentDays,
    ),
    atCeiling: liftsAtCeiling(
      { e1rmKg, bodyMassKg: row.bodyMassKg, ceilings: row.ceilings },
      (squad?.aims ?? NO_AIMS).enough,
      jump.shockSquatTimesBodyMass,
      START,
    ),
    jumper: jumperKind(outcomes),
    lastDone,
  };
}

/** Weak moments an athlete of a sport may name: its own first, then those of any sport. */
export const momentsOf = (sport: Sport | undefined): readonly WeakMoment[] => [...(sport?.moments ?? []), ...MOMENTS];

function focusOf(focus: SetFocus | null): AthleteFacts['focus'] {
  if (!focus) return null;
  const { name, emphasis, families, drills, tier } = FOCUSES[focus.id];
  return {
    id: focus.id,
    name,
    emphasis,
    families,
    drills,
    limits: tier !== null,
    holdsBack: holdsBack(focus, FOCUSES),
  };
}

function jumperKind(outcomes: Outcomes): AthleteFacts['jumper'] {
  const spec = TEST_SPECS.get('approach-one');
  const value = (id: string): number | null => (spec ? bestOf(outcomes.get(id), spec) : null);
  const [one, two] = [value('approach-one'), value('approach-two')];
  if (!spec || one === null || two === null) return null;
  const kind = jumperOf(one, two, assumedNoise(spec.assumed, one)).kind;
  return kind === 'even' ? null : kind;
}

type ResultRow = AthleteRow['results'][number];

/** A row as the core reads it. A screen kept before joints and grades were is passed or failed as such. */
export function recordOf(row: ResultRow): TestRecord {
  const { test, day, side, trials, joints, loadKg, reps, rir, asks } = row;
  return { test, day, side, trials, joints, loadKg, reps, rir, asks, value: row.value ?? plainValue(row) };
}

function plainValue({ test, passed }: ResultRow): number | null {
  const spec = TEST_SPECS.get(test);
  if (passed === null || !spec) return null;
  if (spec.kind === 'joints') return passed ? 0 : 2;
  return passed ? (spec.pass && 'value' in spec.pass ? spec.pass.value : 1) : 0;
}

export function activeComplaints(rows: AthleteRow['complaints'], day: Day): ActiveComplaint[] {
  return rows.flatMap(({ place, side, score, signs, since, calmAnswers, clearance }) => {
    const column = complaintColumn({ place, side, score, signs, since, calmAnswers, clearance }, day);
    return column === null ? [] : [{ place, side, score, column }];
  });
}
