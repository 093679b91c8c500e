import { and, inArray, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { testSpecs } from '$core/athlete';
import { addDays, ageInYears, type Day } from '$core/calendar';
import type { ReadResult } from '$core/exchange';
import { withEstimates } from '$core/startline';
import {
  askAbout,
  checkAge,
  checkValue,
  noiseBook,
  oddValues,
  outcomeOf,
  usualValues,
  type Noise,
  type OwnedRecord,
  type TestSpec,
  type YouthRule,
} from '$core/testing';
import { sayIssue } from '$lib/messages';
import { cellKey, type CellAnswer, type CellBody } from '$lib/model/results';
import type { Tx } from '../db/client';
import { athlete, testResult } from '../db/schema';
import { recordOf } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { cellView, loadUsual, resultsOf, type ResultRow } from '../repositories/results';
import { recordChanges } from './record-change';

/** What the young may be tested in (SAFE-3). */
export const youthRule = ({ method: { start } }: Pick<ClubContext, 'method'>): YouthRule => ({
  underYears: start.youngUnder,
  leastReps: start.youngReps,
});

/** How far back a last value is looked for. */
const LAST_DAYS = 400;

/**
 * Keeps cells of a testing day as they come from any number of stations, in any order and as often as a device repeats
 * them. A cell somebody else changed meanwhile is not overwritten: it comes back as it stands. An unlikely value is kept
 * but does not count until the coach has said so.
 * @returns an answer a cell, in the order they came
 */
export async function keepResults(
  tx: Tx,
  club: ClubContext,
  actor: string,
  cells: readonly CellBody[],
): Promise<CellAnswer[]> {
  const athleteIds = [...new Set(cells.map(({ athleteId }) => athleteId))];
  const known = await tx
    .select({ id: athlete.id, birthDate: athlete.birthDate })
    .from(athlete)
    .where(inArray(athlete.id, athleteIds));
  const ids = new Map(known.map(({ id, birthDate }) => [id, birthDate]));
  const tests = [...new Set(cells.map(({ test }) => test))];
  const paired = tests.some((test) => JUMP_PAIR.includes(test)) ? [...new Set([...tests, ...JUMP_PAIR])] : tests;
  const earlier = await resultsOf(tx, [...ids.keys()], paired, addDays(club.today, -LAST_DAYS));
  const odd = oddCells(cells, earlier, await loadUsual(tx, tests, addDays(club.today, -LAST_DAYS)), club);
  const noise = noiseBook(ownedRecords(earlier, club));
  const judged = cells.map((cell) => judge(cell, ids, earlier, noise, odd.has(`${cellKey(cell)} ${cell.day}`), club));
  // one statement changes a row once: of a cell sent twice the later stands
  const good = [
    ...new Map(judged.flatMap(({ row }) => (row ? [[`${cellKey(row)} ${row.day}`, row] as const] : []))).values(),
  ];
  const written = await write(tx, club.clubId, actor, good);
  const answers = judged.map(({ cell, message }): CellAnswer => {
    if (message !== null) return { state: 'refused', message, cell: null };
    const row = written.get(`${cellKey(cell)} ${cell.day}`);
    return {
      state: row?.mine ? 'kept' : 'conflict',
      message: null,
      cell: row ? cellView(row.row, club) : null,
    };
  });
  await recordChanges(
    tx,
    club.clubId,
    good.flatMap((cell) => {
      const row = written.get(`${cellKey(cell)} ${cell.day}`);
      if (!row?.mine || row.repeated) return [];
      const before = earlier.find((one) => one.day === cell.day && cellKey(one) === cellKey(cell));
      return [
        {
          day: club.today,
          actor,
          subject: 'test',
          athleteId: cell.athleteId,
          from: before ? told(before) : null,
          to: told(row.row),
        },
      ];
    }),
  );
  return answers;
}

/** A result of a file; one far from the athlete's last asks before it counts. */
export type JudgedResult = ReadResult & { readonly asks: boolean };

/** Says which results of a file ask, beside what stands for those athletes. */
export function judgeFile(
  results: readonly ReadResult[],
  standing: readonly ResultRow[],
  club: Pick<ClubContext, 'method'>,
): JudgedResult[] {
  const known = ownedRecords(standing, club);
  const incoming = results.map((one) => ({ ...one, asks: false }));
  const estimated = incoming.flatMap((record) =>
    withEstimates([record], club.method.settings.loading).map((one) => ({ ...record, value: one.value })),
  );
  const asking = askAbout(estimated, known, testSpecs(club.method), noiseBook(known));
  const odd = oddValues(estimated, known, usualValues([...known, ...estimated]), testSpecs(club.method));
  const keys = new Set([...asking, ...odd].map((one) => `${cellKey(one)} ${one.day}`));
  return incoming.map((one) => ({ ...one, asks: keys.has(`${cellKey(one)} ${one.day}`) }));
}

/**
 * Writes a file's results in one statement: a cell that is there is replaced, as the coach agreed after the preview.
 * The history has one line for the file, with how many.
 */
export async function importResults(
  tx: Tx,
  club: ClubContext,
  actor: string,
  squadId: string,
  results: readonly JudgedResult[],
): Promise<number> {
  if (results.length === 0) return 0;
  // a cell named twice in one file stands as it was named last
  const unique = [...new Map(results.map((one) => [`${cellKey(one)} ${one.day}`, one])).values()];
  const rows = JSON.stringify(unique.map((one) => ({ ...one, id: v7() })));
  await tx.execute(sql`
    insert into test_result (club_id, id, athlete_id, test, day, side, value, trials, joints, load_kg, reps, rir, asks, source, typed_by)
    select ${club.clubId}::uuid, id, "athleteId", test, day, side, value, trials, joints, "loadKg", reps, rir, asks, 'file', ${actor}
    from jsonb_to_recordset(${rows}::jsonb) as one(id uuid, "athleteId" uuid, test text, day date, side text,
      value float8, trials jsonb, joints jsonb, "loadKg" float8, reps int, rir int, asks boolean)
    on conflict (club_id, athlete_id, day, test, side) do update set value = excluded.value, trials = excluded.trials,
      joints = excluded.joints, load_kg = excluded.load_kg, reps = excluded.reps, rir = excluded.rir, passed = null,
      asks = excluded.asks, source = excluded.source, typed_by = excluded.typed_by, version = test_result.version + 1, changed_at = now()`);
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'test-import', squadId, from: null, to: { results: unique.length } },
  ]);
  return unique.length;
}

/** Rows as the core reads them, lifts as their estimate. */
export const ownedRecords = (rows: readonly ResultRow[], club: Pick<ClubContext, 'method'>): OwnedRecord[] =>
  rows.flatMap((row) =>
    withEstimates([recordOf(row, club.method)], club.method.settings.loading).map((record) => ({
      ...record,
      athleteId: row.athleteId,
    })),
  );

/** Two jumps that are read against each other. */
const JUMP_PAIR = ['cmj', 'sj'];

/** Cells that are odd although the athlete has no last value to measure them by; by cell and day. */
function oddCells(
  cells: readonly CellBody[],
  earlier: readonly ResultRow[],
  usual: ReadonlyMap<string, number>,
  club: ClubContext,
): ReadonlySet<string> {
  const sent = new Set(cells.map((cell) => `${cellKey(cell)} ${cell.day}`));
  const known = ownedRecords(earlier, club).filter((one) => !sent.has(`${cellKey(one)} ${one.day}`));
  const incoming = cells.map((cell) => ({ ...cell, asks: false }));
  return new Set(
    [...oddValues(incoming, known, usual, testSpecs(club.method))].map((one) => `${cellKey(one)} ${one.day}`),
  );
}

type Row = CellBody & { readonly asks: boolean };

function judge(
  cell: CellBody,
  athletes: ReadonlyMap<string, Day | null>,
  earlier: readonly ResultRow[],
  noise: (spec: TestSpec, value: number) => Noise,
  odd: boolean,
  club: ClubContext,
): { cell: CellBody; row: Row | null; message: string | null } {
  const refused = (code: string, facts = {}): { cell: CellBody; row: null; message: string } => ({
    cell,
    row: null,
    message: sayIssue({ code, facts }),
  });
  const spec = testSpecs(club.method).get(cell.test);
  if (!spec) return refused('test_unknown', { test: cell.test });
  const birthDate = athletes.get(cell.athleteId);
  if (birthDate === undefined) return refused('athlete_unknown');
  if (cell.day > club.today) return refused('day_ahead', { day: cell.day });
  if (spec.sides && cell.side === 'both') return refused('side_missing', { test: spec.name });
  const age = birthDate === null ? null : ageInYears(birthDate, cell.day);
  const allowed = checkAge(spec, cell, age, youthRule(club));
  if (!allowed.ok) return { cell, row: null, message: allowed.issues.map(sayIssue).join(' ') };
  const [record] = withEstimates([{ ...cell, asks: false }], club.method.settings.loading);
  const value = record?.value ?? null;
  if (value === null) return { cell, row: { ...cell, asks: false }, message: null };
  const last = lastValue(spec, cell, earlier, club);
  for (const one of cell.trials ?? [value]) {
    const checked = checkValue(spec, one, last, noise(spec, last ?? one));
    if (!checked.ok) return { cell, row: null, message: checked.issues.map(sayIssue).join(' ') };
  }
  const checked = checkValue(spec, value, last, noise(spec, last ?? value));
  return { cell, row: { ...cell, asks: checked.ok && (checked.value.asks || odd) && !cell.sure }, message: null };
}

/** The athlete's last counted value of this test and side before the cell's day. */
function lastValue(spec: TestSpec, cell: CellBody, earlier: readonly ResultRow[], club: ClubContext): number | null {
  const own = earlier.filter((row) => row.athleteId === cell.athleteId && row.test === cell.test && row.day < cell.day);
  const records = withEstimates(
    own.map((row) => recordOf(row, club.method)),
    club.method.settings.loading,
  );
  return outcomeOf(spec, records, addDays(cell.day, -1)).sides[cell.side]?.value ?? null;
}

interface Written {
  readonly row: ResultRow;
  /** what was sent stands */
  readonly mine: boolean;
  /** it stood already: a device said it twice */
  readonly repeated: boolean;
}

/** Columns that say what was measured, and those that say how it got here. */
const MEASURED = ['value', 'trials', 'joints', 'load_kg', 'reps', 'rir'] as const;
const WRITTEN = ['asks', 'source', 'typed_by', 'passed', 'changed_at'] as const;

async function write(tx: Tx, clubId: string, actor: string, cells: readonly Row[]): Promise<Map<string, Written>> {
  if (cells.length === 0) return new Map();
  const at = new Date();
  // stations that write the same cells at once write them in one order
  const ordered = [...cells].sort((a, b) => (`${cellKey(a)} ${a.day}` < `${cellKey(b)} ${b.day}` ? -1 : 1));
  const values = ordered.map(({ seen, sure: _sure, ...cell }) => ({
    ...cell,
    clubId,
    id: v7(),
    passed: null,
    typedBy: actor,
    version: seen + 1,
    changedAt: at,
  }));
  const rows = await tx
    .insert(testResult)
    .values(values)
    .onConflictDoUpdate({
      target: [testResult.clubId, testResult.athleteId, testResult.day, testResult.test, testResult.side],
      set: {
        ...Object.fromEntries(
          [...MEASURED, ...WRITTEN].map((column) => [camel(column), sql.raw(`excluded.${column}`)]),
        ),
        version: sql`${testResult.version} + 1`,
      },
      // somebody else's value is not written over: only the version that was seen may change, or the word that a value
      // is right be added by a station whose last answer was lost
      setWhere: sql`${testResult.version} = excluded.version - 1 or (${testResult.asks} and not excluded.asks
        and ${sql.join(
          MEASURED.map((column) => sql.raw(`test_result.${column} is not distinct from excluded.${column}`)),
          sql.raw(' and '),
        )})`,
    })
    .returning();
  const key = (row: { athleteId: string; test: string; side: CellBody['side']; day: Day }): string =>
    `${cellKey(row)} ${row.day}`;
  const found = new Map(rows.map((row) => [key(row), { row, mine: true, repeated: false }]));
  const missing = cells.filter((cell) => !found.has(key(cell)));
  if (missing.length > 0) {
    const standing = await tx
      .select()
      .from(testResult)
      .where(
        and(
          inArray(testResult.athleteId, [...new Set(missing.map(({ athleteId }) => athleteId))]),
          inArray(testResult.test, [...new Set(missing.map(({ test }) => test))]),
          inArray(testResult.day, [...new Set(missing.map(({ day }) => day))]),
        ),
      );
    for (const cell of missing) {
      const row = standing.find((one) => key(one) === key(cell));
      const same = row !== undefined && JSON.stringify(told(row)) === JSON.stringify(told(cell));
      if (row) found.set(key(cell), { row, mine: same, repeated: same });
    }
  }
  return found;
}

const camel = (column: string): string => column.replace(/_./g, (two) => (two[1] ?? '').toUpperCase());

/** A value as the history tells it. */
const told = ({ test, day, side, value, trials, joints, loadKg, reps, rir }: ResultRow | CellBody) => ({
  test,
  day,
  side,
  value,
  trials,
  joints,
  loadKg,
  reps,
  rir,
});
