import { isDay, type Day } from '../calendar';
import {
  assumedNoise,
  checkAge,
  checkValue,
  numbersOf,
  readCell,
  type CellValue,
  type RecordSide,
  type TestSpecs,
  type YouthRule,
} from '../testing';
import type { Issue } from '../result';
import type { MassUnit } from '../units';

/** What a column of a results file holds; a test's id = a value of that test. */
export type ResultColumn = 'athlete' | 'day' | 'side' | 'test' | 'value' | 'ignore' | `test:${string}`;

export interface ResultRowIn {
  readonly line: number;
  readonly cells: readonly string[];
}

export interface ReadResult extends CellValue {
  readonly athleteId: string;
  readonly test: string;
  readonly day: Day;
  readonly side: RecordSide;
}

/** A line that cannot be taken, and why. */
export interface BadLine {
  readonly line: number;
  readonly issues: readonly Issue[];
}

export interface ResultsRead {
  readonly results: readonly ReadResult[];
  readonly bad: readonly BadLine[];
}

export interface ResultsContext {
  /** ids by name in small letters; two of one name = null */
  readonly athletes: ReadonlyMap<string, string | null>;
  /** years, by id; not there = not known */
  readonly ages: ReadonlyMap<string, number>;
  readonly youth: YouthRule;
  readonly specs: TestSpecs;
  readonly mass: MassUnit;
  readonly today: Day;
  /** the day of rows that name none */
  readonly day: Day;
}

const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');
const SIDES: Readonly<Record<string, RecordSide>> = {
  l: 'left',
  left: 'left',
  r: 'right',
  right: 'right',
  '': 'both',
  both: 'both',
};

/** Guesses what each column holds from its heading. */
export function guessColumns(header: readonly string[], specs: TestSpecs): ResultColumn[] {
  const known: Readonly<Record<string, ResultColumn>> = {
    athlete: 'athlete',
    name: 'athlete',
    player: 'athlete',
    day: 'day',
    date: 'day',
    side: 'side',
    leg: 'side',
    test: 'test',
    value: 'value',
    result: 'value',
  };
  const byName = new Map<string, ResultColumn>();
  for (const spec of specs.values())
    for (const name of [spec.id, spec.name, spec.short]) byName.set(plain(name), `test:${spec.id}`);
  return header.map((heading) => {
    const text = plain(heading).replace(/\s*\(.*\)$/, '');
    const bare = text.replace(/[, ]+(left|right|l|r)$/, '');
    const side = /[, ]+(left|l)$/.test(text) ? '@left' : /[, ]+(right|r)$/.test(text) ? '@right' : '';
    const test = byName.get(bare);
    return known[text] ?? (test ? (`${test}${side}` as ResultColumn) : 'ignore');
  });
}

/** A date as year-month-day, or day.month.year and day/month/year. */
function readDay(text: string): Day | null {
  const bare = text.trim();
  if (isDay(bare)) return bare;
  const [, day = '', month = '', year = ''] = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(bare) ?? [];
  const turned = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
  return isDay(turned) ? turned : null;
}

/**
 * Reads a table of results, one row a result (athlete, day, test, side, value) or one row an athlete with a column a
 * test. Good lines are read, bad ones listed with their reasons; nothing is written here.
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
    else results.push(...read);
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
  const day = dayText === '' ? context.day : readDay(dayText);
  if (day === null) refuse('result_day_unreadable', { text: dayText });
  else if (day > context.today) refuse('day_ahead', { day });
  const side = SIDES[plain(at('side'))];
  if (side === undefined) refuse('side_unreadable', { text: at('side') });
  const wanted: { test: string; text: string; side: RecordSide }[] = columns.flatMap((column, i) => {
    const text = cells[i]?.trim() ?? '';
    if (column.startsWith('test:') && text !== '') {
      const [test = '', own] = column.slice('test:'.length).split('@');
      return [{ test, text, side: own === 'left' || own === 'right' ? own : (side ?? 'both') }];
    }
    return [];
  });
  if (columns.includes('test')) wanted.push({ test: at('test'), text: at('value'), side: side ?? 'both' });
  const found = wanted.flatMap(({ test, text, side: on }) => {
    const spec = testOf(test, context.specs);
    if (!spec) {
      refuse('test_unknown', { test });
      return [];
    }
    if (spec.sides && on === 'both') refuse('side_missing', { test: spec.name });
    const value = readCell(spec, text, context.mass);
    if (!value.ok) {
      issues.push(...value.issues);
      return [];
    }
    const allowed = checkAge(spec, value.value, context.ages.get(athleteId ?? '') ?? null, context.youth);
    if (!allowed.ok) issues.push(...allowed.issues);
    for (const one of numbersOf(value.value)) {
      const checked = checkValue(spec, one, null, assumedNoise(spec.assumed, one));
      if (!checked.ok) issues.push(...checked.issues);
    }
    return [{ ...value.value, test: spec.id, side: on }];
  });
  if (issues.length > 0 || !athleteId || day === null) return [];
  return found.map((one) => ({ ...one, athleteId, day }));
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
