import { readDay } from '../calendar';
import {
  assumedNoise,
  checkAge,
  checkValue,
  numbersOf,
  readCell,
  type CellValue,
  type RecordSide,
  type TestSpec,
  type TestSpecs,
} from '../testing';
import { fail, ok, type Issue, type Result } from '../result';
import { plain, type ResultColumn } from './result-columns';
import type { BadLine, ReadResult, ResultRowIn, ResultsContext, ResultsRead } from './results-shapes';

const SIDES: Readonly<Record<string, RecordSide>> = {
  l: 'left',
  left: 'left',
  r: 'right',
  right: 'right',
  '': 'both',
  both: 'both',
};

/**
 * Reads a table of results, one row a result (athlete, day, test, side, value) or one row an athlete with a column a
 * test. Good cells are read, bad ones listed with their line and reasons; nothing is written here.
 */
export function readResults(
  rows: readonly ResultRowIn[],
  columns: readonly ResultColumn[],
  context: ResultsContext,
): ResultsRead {
  const results: ReadResult[] = [];
  const bad: BadLine[] = [];
  for (const row of rows) {
    const issues: Issue[] = [];
    const read = readRow(row, columns, context, issues);
    if (issues.length > 0) bad.push({ line: row.line, issues });
    results.push(...read);
  }
  return { results, bad };
}

function readRow(
  { cells }: ResultRowIn,
  columns: readonly ResultColumn[],
  context: ResultsContext,
  issues: Issue[],
): ReadResult[] {
  const at = (column: ResultColumn): string => cells[columns.indexOf(column)]?.trim() ?? '';
  const refuse = (code: string, facts: Issue['facts']): void => {
    issues.push({ code, path: [], ...(facts ? { facts } : {}) });
  };
  const name = at('athlete');
  const athleteId = context.athletes.get(plain(name));
  if (!athleteId) refuse(athleteId === null ? 'name_of_two' : 'name_unknown', { name });
  const dayText = at('day');
  const day = dayText === '' ? context.day : readDay(dayText, context.dayOrder);
  if (day === null) refuse('result_day_unreadable', { text: dayText });
  else if (day > context.today) refuse('day_ahead', { day });
  const side = SIDES[plain(at('side'))];
  if (side === undefined) refuse('side_unreadable', { text: at('side') });
  // who or when is not known: nothing of the row can stand; a bad cell keeps no good one from standing
  const whole = issues.length === 0;
  const found = wantedOf(cells, columns, side ?? 'both').flatMap((wanted) => {
    const spec = testOf(wanted.test, context.specs);
    if (!spec) {
      refuse('test_unknown', { test: wanted.test });
      return [];
    }
    const read = readValue(spec, wanted, context.ages.get(athleteId ?? '') ?? null, context);
    if (!read.ok) issues.push(...read.issues);
    return read.ok ? [{ ...read.value, test: spec.id, side: wanted.side }] : [];
  });
  if (!whole || !athleteId || day === null) return [];
  return found.map((one) => ({ ...one, athleteId, day }));
}

interface Wanted {
  readonly test: string;
  readonly text: string;
  readonly side: RecordSide;
}

/** The values of a row as typed: a column a test, or the one its test column names. */
function wantedOf(cells: readonly string[], columns: readonly ResultColumn[], side: RecordSide): Wanted[] {
  const text = (i: number): string => cells[i]?.trim() ?? '';
  const wanted = columns.flatMap((column, i): Wanted[] => {
    if (!column.startsWith('test:') || text(i) === '') return [];
    const [test = '', own] = column.slice('test:'.length).split('@');
    return [{ test, text: text(i), side: own === 'left' || own === 'right' ? own : side }];
  });
  const named = columns.indexOf('test');
  return named < 0 ? wanted : [...wanted, { test: text(named), text: text(columns.indexOf('value')), side }];
}

/** One value in the stored unit, or all that is wrong with it. */
function readValue(
  spec: TestSpec,
  { text, side }: Wanted,
  ageYears: number | null,
  { mass, youth }: ResultsContext,
): Result<CellValue> {
  const read = readCell(spec, text, mass);
  const checks: Result<unknown>[] = [
    spec.sides && side === 'both' ? fail('side_missing', [], { test: spec.name }) : ok(null),
    read,
    ...(read.ok
      ? [
          checkAge(spec, read.value, ageYears, youth),
          ...numbersOf(read.value).map((one) => checkValue(spec, one, null, assumedNoise(spec.assumed, one))),
        ]
      : []),
  ];
  const issues = checks.flatMap((check) => (check.ok ? [] : check.issues));
  return issues.length > 0 ? { ok: false, issues } : read;
}

const NAMES = new WeakMap<TestSpecs, Map<string, string>>();
function testOf(text: string, specs: TestSpecs) {
  let names = NAMES.get(specs);
  if (!names) {
    names = new Map(
      [...specs.values()].flatMap(({ id, name, short }) => [id, name, short].map((one) => [plain(one), id])),
    );
    NAMES.set(specs, names);
  }
  return specs.get(names.get(plain(text)) ?? '');
}
