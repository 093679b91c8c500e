import Papa from 'papaparse';
import { readDay, type DayOrder } from '$core/calendar';
import { guessColumns, plain } from '$core/exchange';
import { LEVELS, type Level } from '$core/library';
import type { Issue } from '$core/result';
import { readCell, type CellValue, type TestSpec, type TestSpecs } from '$core/testing';
import { massToKg, type MassUnit } from '$core/units';

/** A person as pasted; what was not said is null. */
export interface PastedAthlete {
  readonly name: string;
  readonly birthDate: string | null;
  readonly bodyMassKg: number | null;
  readonly sex: 'female' | 'male' | null;
  readonly role: string | null;
  readonly liftLevel: Level | null;
  readonly jumpLevel: Level | null;
  /** last results, by test */
  readonly results: readonly (CellValue & { readonly test: string })[];
}

/** What a column of a pasted table holds. */
type Column =
  'name' | 'birthDate' | 'bodyMassKg' | 'sex' | 'role' | 'liftLevel' | 'jumpLevel' | `test:${string}` | null;

/** Most rows taken in one paste. */
const MOST = 200;
/** Columns of a table without a heading. */
const PLAIN: readonly Column[] = ['name', 'birthDate', 'bodyMassKg', 'liftLevel', 'sex', 'role'];
const HEADINGS: Readonly<Record<string, Column>> = {
  name: 'name',
  athlete: 'name',
  player: 'name',
  nombre: 'name',
  born: 'birthDate',
  'birth date': 'birthDate',
  'date of birth': 'birthDate',
  birthday: 'birthDate',
  mass: 'bodyMassKg',
  'body mass': 'bodyMassKg',
  weight: 'bodyMassKg',
  sex: 'sex',
  gender: 'sex',
  role: 'role',
  position: 'role',
  level: 'liftLevel',
  'lift level': 'liftLevel',
  lifts: 'liftLevel',
  'jump level': 'jumpLevel',
  jumps: 'jumpLevel',
};
const LEVEL_WORDS: Readonly<Record<string, Level>> = {
  new: 'foundation',
  beginner: 'foundation',
  intermediate: 'developing',
};
const SEXES: Readonly<Record<string, 'female' | 'male'>> = {
  f: 'female',
  female: 'female',
  w: 'female',
  woman: 'female',
  m: 'male',
  male: 'male',
  man: 'male',
};

/** What pasted columns are read by: the club's tests, its unit, and which of two numbers of a date is the day. */
export interface PasteContext {
  readonly specs: TestSpecs;
  readonly mass: MassUnit;
  readonly order: DayOrder;
}

/**
 * Reads people as they come from a spreadsheet: one name a line, or columns in the order name, birth date, body mass,
 * level, sex, role, or any columns under a heading, last results of the club's tests among them (`Back squat`: `100 x 5`).
 * A level alone is for lifts and jumps. Good rows are kept beside the issues of bad ones.
 * @returns rows in order, the lines left for another paste, headings that say nothing known, and `name_missing`,
 * `day_unreadable`, `mass_unreadable`, `sex_unreadable`, `level_unreadable`, `name_twice` or a test's own issue with the
 * line's number
 */
export function readPastedAthletes(
  text: string,
  known: readonly string[],
  context: PasteContext,
): { rows: PastedAthlete[]; issues: Issue[]; left: string[]; unread: string[] } {
  const parsed = Papa.parse<string[]>(text.trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: ['\t', ';', ',', '|'],
  });
  const [first = []] = parsed.data;
  const headed = HEADINGS[plain(first[0] ?? '')] === 'name';
  const columns = headed ? columnsOf(first, context.specs) : PLAIN;
  const rows: PastedAthlete[] = [];
  const issues: Issue[] = [];
  const seen = new Set(known.map((name) => name.toLowerCase()));
  for (const [i, cells] of parsed.data.slice(0, MOST).entries()) {
    if (headed && i === 0) continue;
    const { row, wrong } = readRow(cells, columns, context);
    const twice = seen.has(row.name.toLowerCase());
    const found =
      row.name.length < 2
        ? [{ code: 'name_missing', path: [] }]
        : twice
          ? [{ code: 'name_twice', path: [], facts: { name: row.name } }]
          : wrong;
    issues.push(...found.map((issue) => ({ ...issue, path: [i + 1] })));
    if (found.length > 0) continue;
    seen.add(row.name.toLowerCase());
    rows.push(row);
  }
  return {
    rows,
    issues,
    left: parsed.data.slice(MOST).map((cells) => cells.join('\t')),
    unread: headed ? first.filter((heading, i) => columns[i] === null && heading.trim() !== '') : [],
  };
}

function columnsOf(header: readonly string[], specs: TestSpecs): Column[] {
  const tests = guessColumns(header, specs);
  return header.map((heading, i) => {
    const text = plain(heading).replace(/[, ]*(\(.*\)|kg|lb)$/, '');
    const test = tests[i];
    return (Object.hasOwn(HEADINGS, text) ? HEADINGS[text] : null) ?? (isTest(test) ? test : null);
  });
}
const isTest = (column: string | null | undefined): column is `test:${string}` => column?.startsWith('test:') ?? false;

function readRow(
  cells: readonly string[],
  columns: readonly Column[],
  { specs, mass, order }: PasteContext,
): { row: PastedAthlete; wrong: Issue[] } {
  const wrong: Issue[] = [];
  const at = (column: Column): string => cells[columns.indexOf(column)]?.trim() ?? '';
  const read = <T>(column: Column, to: (text: string) => T | undefined, code: string): T | null => {
    const text = columns.includes(column) ? at(column) : '';
    const value = text === '' ? null : to(text);
    if (value === undefined) wrong.push({ code, path: [], facts: { text } });
    return value ?? null;
  };
  const liftLevel = read('liftLevel', toLevel, 'level_unreadable');
  const results = columns.flatMap((column, i) => {
    const [test = '', side] = isTest(column) ? column.slice('test:'.length).split('@') : [];
    const spec = side === undefined ? specs.get(test) : undefined;
    const typed = cells[i]?.trim() ?? '';
    if (!spec || typed === '') return [];
    const value = readTest(spec, typed, mass, wrong);
    return value ? [{ ...value, test }] : [];
  });
  return {
    row: {
      name: at('name').slice(0, 80),
      birthDate: read('birthDate', (text) => readDay(text, order) ?? undefined, 'day_unreadable'),
      bodyMassKg: read('bodyMassKg', (text) => toMass(text, mass), 'mass_unreadable'),
      sex: read(
        'sex',
        (text) => (Object.hasOwn(SEXES, plain(text)) ? SEXES[plain(text)] : undefined),
        'sex_unreadable',
      ),
      role: at('role').slice(0, 40) || null,
      liftLevel,
      jumpLevel: read('jumpLevel', toLevel, 'level_unreadable') ?? liftLevel,
      results,
    },
    wrong,
  };
}

/** A value of a test that has no sides; what has is for the testing day. */
function readTest(spec: TestSpec, typed: string, mass: MassUnit, wrong: Issue[]): CellValue | null {
  if (spec.sides) return null;
  const found = readCell(spec, typed, mass);
  if (!found.ok) wrong.push(...found.issues);
  return found.ok ? found.value : null;
}

function toLevel(text: string): Level | undefined {
  const word = plain(text);
  return LEVELS.find((level) => level === word) ?? (Object.hasOwn(LEVEL_WORDS, word) ? LEVEL_WORDS[word] : undefined);
}

function toMass(text: string, mass: MassUnit): number | undefined {
  const kg = massToKg(Number(text.replace(',', '.').replace(/\s*(kg|lb)$/i, '')), mass);
  return kg >= 20 && kg <= 250 ? kg : undefined;
}
