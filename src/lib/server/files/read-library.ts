import { findNodeAtLocation, parseTree, type Node, type ParseError, printParseErrorCode } from 'jsonc-parser';
import Papa from 'papaparse';
import { FIGURES } from '$catalog/figures';
import { EXERCISE_COLUMNS, libraryFileSchema, rowToExercise, type CellWant, type ExerciseRow } from '$core/exchange';
import { ownValue } from '$core/own';
import {
  changedFields,
  overlayLibrary,
  withRungs,
  type EntryKind,
  type EntryKinds,
  type Gate,
  type Library,
  type OwnEntry,
} from '$core/library';
import { readCell } from '../csv';
import { linesOf, nestsDeeperThan, type Lines } from './lines';

/** Something wrong in a file, where a text editor finds it. */
export interface FileIssue {
  readonly line: number;
  readonly column: string;
  readonly message: string;
}

/** What an entry of the file would change. */
export interface FileChange {
  readonly kind: EntryKind;
  readonly id: string;
  readonly name: string;
  /** null = new to the club; else the fields that differ, as they are and as they would be */
  readonly fields: readonly { readonly field: string; readonly from: string; readonly to: string }[] | null;
}

export interface FileReading {
  readonly issues: readonly FileIssue[];
  readonly changes: readonly FileChange[];
  readonly same: number;
  readonly entries: readonly Entry[];
}

type Entry = { [K in EntryKind]: { kind: K; entry: EntryKinds[K]; line: number } }[EntryKind];

/** Issues listed; a file that is wrong everywhere need not say so a thousand times. */
const MOST_ISSUES = 50;
/** A library is some hundreds of entries; more in one file is a mistake or an attack. */
const MOST_ENTRIES = 2_000;
const MOST_DEPTH = 40;

/**
 * Reads a library file, JSON or CSV, against what the club has: what is wrong with its line and column, and what it
 * would change. Nothing is written here.
 */
export function readLibraryFile(text: string, name: string, library: Library): FileReading {
  const clean = text.replace(/^\uFEFF/, '');
  const lines = linesOf(clean);
  const read = /\.csv$/i.test(name) ? readCsv(clean, lines) : readJson(clean, lines);
  const issues = [...read.issues, ...twice(read.entries), ...dangling(read.entries, library)];
  const changes: FileChange[] = [];
  const changed: Entry[] = [];
  for (const one of read.entries) {
    const entry = withLadderOf(one, library);
    const current = listOf(library, one.kind).get(entry.id) ?? null;
    const fields = current ? changedFields(current, entry) : null;
    if (fields?.length === 0) continue;
    changed.push({ ...one, entry } as Entry);
    changes.push({
      kind: one.kind,
      id: entry.id,
      name: entry.name,
      fields:
        current && fields
          ? fields.map((field) => ({ field, from: show(current, field), to: show(entry, field) }))
          : null,
    });
  }
  return {
    issues: issues.slice(0, MOST_ISSUES),
    changes,
    same: read.entries.length - changed.length,
    entries: issues.length > 0 ? [] : changed,
  };
}

const listOf = (library: Library, kind: EntryKind): ReadonlyMap<string, EntryKinds[EntryKind]> =>
  kind === 'exercise' ? library.exercises : kind === 'ladder' ? library.ladders : library.sports;

/** A rung is said by the ladders, never by the entry: the file's word on it is not read. A drawing that ships is not kept twice. */
function withLadderOf(one: Entry, library: Library): EntryKinds[EntryKind] {
  if (one.kind !== 'exercise') return one.entry;
  const { figure, ...entry } = one.entry as EntryKinds['exercise'] & { figure?: unknown };
  const shipped = FIGURES[entry.id];
  const own = figure && JSON.stringify(figure) !== JSON.stringify(shipped) ? { figure } : {};
  return { ...entry, ...own, ladder: library.exercises.get(entry.id)?.ladder ?? null };
}

function show(entry: object, field: string): string {
  const value = (entry as Record<string, unknown>)[field];
  if (Array.isArray(value) && value.every((one) => typeof one === 'string')) return value.join(' | ');
  return typeof value === 'string' ? value : JSON.stringify(value);
}

interface Read {
  readonly issues: readonly FileIssue[];
  readonly entries: readonly Entry[];
}

const onlyIssue = (line: number, column: string, message: string): Read => ({
  entries: [],
  issues: [{ line, column, message }],
});

function readJson(text: string, lines: Lines): Read {
  const at = (offset: number) => {
    const { line, column } = lines.place(offset);
    return { line, column: String(column) };
  };
  const deep = nestsDeeperThan(text, MOST_DEPTH);
  if (deep !== null) return onlyIssue(at(deep).line, at(deep).column, 'This is nested deeper than any library is.');
  const errors: ParseError[] = [];
  const tree = parseTree(text, errors, { allowTrailingComma: false, disallowComments: true });
  const [first] = errors;
  if (!tree || first) {
    const { line, column } = at(first?.offset ?? 0);
    const why = first ? printParseErrorCode(first.error) : 'the file is empty';
    return onlyIssue(line, column, `This is not JSON here: ${why}.`);
  }
  const raw: unknown = JSON.parse(text);
  const many = ['exercises', 'ladders', 'sports'].find((list) => lengthOf(raw, list) > MOST_ENTRIES);
  if (many !== undefined) return onlyIssue(1, many, `More than ${String(MOST_ENTRIES)} entries: split the file.`);
  const parsed = libraryFileSchema.safeParse(raw);
  if (!parsed.success)
    return {
      entries: [],
      issues: parsed.error.issues.slice(0, MOST_ISSUES).map((issue) => ({
        ...at(nearest(tree, issue.path as (string | number)[]).offset),
        message: `${issue.path.join('.')}: ${issue.message}`,
      })),
    };
  const starts = (list: string): readonly Node[] => findNodeAtLocation(tree, [list])?.children ?? [];
  const lineIn = (nodes: readonly Node[], i: number): number => at(nodes[i]?.offset ?? 0).line;
  const { exercises = [], ladders = [], sports = [] } = parsed.data;
  const [inExercises, inLadders, inSports] = [starts('exercises'), starts('ladders'), starts('sports')];
  const sums = exercises.flatMap((exercise, i): FileIssue[] =>
    Math.abs(Object.values(exercise.share).reduce((sum, part) => sum + part, 0) - 1) > 1e-6
      ? [
          {
            ...at(nearest(tree, ['exercises', i, 'share']).offset),
            message: `${exercise.id}: the shares do not add up to 1.`,
          },
        ]
      : [],
  );
  return {
    issues: sums.slice(0, MOST_ISSUES),
    entries: [
      ...exercises.map((entry, i) => ({ kind: 'exercise' as const, entry, line: lineIn(inExercises, i) })),
      ...ladders.map((entry, i) => ({ kind: 'ladder' as const, entry, line: lineIn(inLadders, i) })),
      ...sports.map((entry, i) => ({ kind: 'sport' as const, entry, line: lineIn(inSports, i) })),
    ],
  };
}

function lengthOf(raw: unknown, list: string): number {
  const value = typeof raw === 'object' && raw !== null ? (raw as Record<string, unknown>)[list] : null;
  return Array.isArray(value) ? value.length : 0;
}

/** The node at a path, or the closest one above it that is there. */
function nearest(tree: Node, path: (string | number)[]): Node {
  for (let length = path.length; length > 0; length--) {
    const node = findNodeAtLocation(tree, path.slice(0, length));
    if (node) return node;
  }
  return tree;
}

function readCsv(text: string, lines: Lines): Read {
  const issues: FileIssue[] = [];
  const entries: Entry[] = [];
  let line = 2;
  const header = Papa.parse<string[]>(text, { preview: 1 }).data[0] ?? [];
  const missing = EXERCISE_COLUMNS.filter((column) => !header.includes(column));
  const unknown = header.filter((column) => !(EXERCISE_COLUMNS as readonly string[]).includes(column));
  if (missing.length > 0 || unknown.length > 0)
    return {
      entries,
      issues: [
        ...(missing.length > 0 ? [{ line: 1, column: missing.join(', '), message: 'These columns are missing.' }] : []),
        ...(unknown.length > 0
          ? [
              {
                line: 1,
                column: unknown
                  .slice(0, 20)
                  .map((one) => one.slice(0, 40))
                  .join(', '),
                message: 'These columns are not known.',
              },
            ]
          : []),
      ],
    };
  Papa.parse<ExerciseRow>(text, {
    header: true,
    skipEmptyLines: true,
    step: ({ data, errors, meta }, parser) => {
      for (const error of errors)
        issues.push({ line, column: '', message: `This row cannot be read: ${error.message}.` });
      const read = errors.length === 0 ? rowToExercise(asWritten(data)) : null;
      if (read?.ok) entries.push({ kind: 'exercise', entry: read.value, line });
      else if (read)
        for (const { column, value, wants } of read.issues)
          issues.push({
            line,
            column,
            message: `${data.id.slice(0, 60)}: “${value.slice(0, 60)}” does not do in this column.${wants ? ` ${wantWords(wants)}` : ''}`,
          });
      line = lines.place(meta.cursor).line;
      if (entries.length > MOST_ENTRIES)
        issues.push({ line, column: '', message: `More than ${String(MOST_ENTRIES)} entries: split the file.` });
      if (issues.length >= MOST_ISSUES || entries.length > MOST_ENTRIES) parser.abort();
    },
  });
  return { issues, entries };
}

/** Cells without the mark that keeps a spreadsheet from running them. */
const asWritten = (row: ExerciseRow): ExerciseRow =>
  Object.fromEntries(Object.entries(row).map(([column, cell]) => [column, readCell(cell)])) as ExerciseRow;

const wantWords = (wants: CellWant): string => {
  if (wants.kind === 'number') return 'It takes a number.';
  if (wants.kind === 'one-of') return `It takes one of: ${wants.words.join(', ')}.`;
  const bound = `${wants.kind === 'at-least' ? 'at least' : 'at most'} ${String(wants.n)}`;
  if (wants.of === 'items') return `It takes ${bound}, joined by “ | ”.`;
  return `It takes ${bound}${wants.of === 'letters' ? ' letters' : ''}.`;
};

function twice(entries: readonly Entry[]): FileIssue[] {
  const seen = new Set<string>();
  return entries.flatMap(({ kind, entry, line }) => {
    const key = `${kind} ${entry.id}`;
    if (!seen.has(key)) {
      seen.add(key);
      return [];
    }
    return [{ line, column: 'id', message: `${entry.id} stands in the file twice.` }];
  });
}

/** Names in the file that lead nowhere: gates to missing rungs, rungs and guards of missing exercises. */
function dangling(entries: readonly Entry[], current: Library): FileIssue[] {
  const after = overlayLibrary(
    current,
    entries.map(({ kind, entry }): OwnEntry => ({ kind, id: entry.id, json: entry, base: null })),
  );
  const rungMissing = (gate: Gate): boolean =>
    gate.kind === 'rung' && !after.ladders.get(gate.ladder)?.rungs[gate.rung - 1];
  return entries.flatMap((one) => {
    const say = (column: string, message: string): FileIssue => ({
      line: one.line,
      column,
      message: `${one.entry.id}: ${message}`,
    });
    if (one.kind === 'exercise')
      return one.entry.gates.filter(rungMissing).map(() => say('gates', 'a gate names a rung that is not there.'));
    const ids =
      one.kind === 'ladder'
        ? one.entry.rungs.flatMap(({ exercises }) => exercises)
        : one.entry.guards.flatMap(({ exercises }) => exercises);
    return ids.filter((id) => !after.exercises.has(id)).map((id) => say('exercises', `there is no exercise ${id}.`));
  });
}

/** The club's library as a file: every entry as the club has it, with its drawing. */
export function libraryFile(library: Library): {
  exercises: (EntryKinds['exercise'] & { figure: unknown })[];
  ladders: EntryKinds['ladder'][];
  sports: EntryKinds['sport'][];
} {
  const ladders = [...library.ladders.values()];
  return {
    exercises: withRungs([...library.exercises.values()], ladders).map((exercise) => ({
      ...exercise,
      figure: (exercise as { figure?: unknown }).figure ?? ownValue(FIGURES, exercise.id) ?? null,
    })),
    ladders,
    sports: [...library.sports.values()],
  };
}
