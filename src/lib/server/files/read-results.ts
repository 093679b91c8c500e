import Papa from 'papaparse';
import { METHOD } from '$catalog';
import { testSpecs } from '$core/athlete';
import { ageInYears, type Day, type DayOrder } from '$core/calendar';
import { guessColumns, readResults, type ResultColumn, type ResultsRead } from '$core/exchange';
import { overlayTables } from '$core/method';
import type { MassUnit } from '$core/units';
import { judgeFile, youthRule, type JudgedResult } from '../commands/keep-results';
import { readCell } from '../csv';
import type { ResultRow } from '../repositories/results';

/** Lines of one file: a club's years of tests. */
const MOST_LINES = 30_000;
const MOST_COLUMNS = 200;
const MOST_CELL = 200;

/** What a results file is read against: plain data, so that a worker can be handed it. */
export interface ResultsTask {
  readonly text: string;
  readonly name: string;
  /** as the coach chose them; anything else = guessed from the headings */
  readonly columns: readonly string[];
  readonly tables: Parameters<typeof overlayTables>[1];
  readonly massUnit: MassUnit;
  readonly dayOrder: DayOrder;
  readonly today: Day;
  readonly day: Day;
  readonly athletes: readonly {
    readonly id: string;
    readonly name: string;
    readonly birthDate: Day | null;
    readonly results: readonly ResultRow[];
  }[];
}

export interface ResultsFile {
  readonly name: string;
  readonly header: readonly string[];
  readonly columns: readonly ResultColumn[];
  readonly results: readonly JudgedResult[];
  readonly bad: ResultsRead['bad'];
  readonly lines: number;
}

const tidy = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');

/** Reads a results file against a squad. @returns what it says, or a sentence why it cannot be read at all */
export function readResultsFile(task: ResultsTask): ResultsFile | string {
  const { text, athletes, day } = task;
  const method = overlayTables(METHOD, task.tables);
  const table = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    preview: MOST_LINES + 2,
  }).data;
  const [header = [], ...body] = table.map((cells) =>
    cells.slice(0, MOST_COLUMNS).map((cell) => readCell(cell).slice(0, MOST_CELL)),
  );
  if (body.length === 0) return 'This file has no line under its headings.';
  if (body.length > MOST_LINES) return `This file has more than ${String(MOST_LINES)} lines. Split it.`;
  const specs = testSpecs(method);
  const chosen = task.columns.length === header.length ? (task.columns as ResultColumn[]) : null;
  const columns = chosen ?? guessColumns(header, specs);
  const byName = new Map<string, string | null>();
  for (const { name, id } of athletes) byName.set(tidy(name), byName.has(tidy(name)) ? null : id);
  const ages = new Map(
    athletes.flatMap(({ id, birthDate }) => (birthDate === null ? [] : [[id, ageInYears(birthDate, day)] as const])),
  );
  const read = readResults(
    body.map((cells, i) => ({ line: i + 2, cells })),
    columns,
    {
      athletes: byName,
      ages,
      youth: youthRule({ method }),
      specs,
      mass: task.massUnit,
      dayOrder: task.dayOrder,
      today: task.today,
      day,
    },
  );
  const standing = athletes.flatMap(({ results }) => results);
  const results = judgeFile(read.results, standing, { method });
  return { name: task.name, header, columns, results, bad: read.bad, lines: body.length };
}
