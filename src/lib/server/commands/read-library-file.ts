import { findNodeAtLocation, parseTree, type Node, type ParseError, printParseErrorCode } from 'jsonc-parser';
import Papa from 'papaparse';
import { FIGURES } from '$catalog/figures';
import { EXERCISE_COLUMNS, libraryFileSchema, rowToExercise, type CellWant, type ExerciseRow } from '$core/exchange';
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
import type { ClubContext } from '../repositories/club-context';

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

/**
 * Reads a library file, JSON or CSV, against what the club has: what is wrong with its line and column, and what it
 * would change. Nothing is written here.
 */
export function readLibraryFile(text: string, name: string, club: ClubContext): FileReading {
  const read = /\.csv$/i.test(name) ? readCsv(text) : readJson(text);
  const issues = [...read.issues, ...twice(read.entries), ...dangling(read.entries, club.library)];
  const changes: FileChange[] = [];
  const changed: Entry[] = [];
  for (const one of read.entries) {
    const entry = withLadderOf(one, club.library);
    const current = listOf(club.library, one.kind).get(entry.id) ?? null;
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

function readJson(text: string): { issues: FileIssue[]; entries: Entry[] } {
  const errors: ParseError[] = [];
  const tree = parseTree(text, errors, { allowTrailingComma: false, disallowComments: true });
  const [first] = errors;
  if (!tree || first)
    return {
      entries: [],
      issues: [
        {
          ...place(text, first?.offset ?? 0),
          message: `This is not JSON here: ${first ? printParseErrorCode(first.error) : 'the file is empty'}.`,
        },
      ],
    };
  const parsed = libraryFileSchema.safeParse(JSON.parse(text));
  if (!parsed.success)
    return {
      entries: [],
      issues: parsed.error.issues.map((issue) => ({
        ...place(text, nearest(tree, issue.path as (string | number)[]).offset),
        message: `${issue.path.join('.')}: ${issue.message}`,
      })),
    };
  const line = (list: string, i: number): number => place(text, nearest(tree, [list, i]).offset).line;
  const { exercises = [], ladders = [], sports = [] } = parsed.data;
  const sums = exercises.flatMap((exercise, i): FileIssue[] =>
    Math.abs(Object.values(exercise.share).reduce((sum, part) => sum + part, 0) - 1) > 1e-6
      ? [
          {
            ...place(text, nearest(tree, ['exercises', i, 'share']).offset),
            message: `${exercise.id}: the shares do not add up to 1.`,
          },
        ]
      : [],
  );
  return {
    issues: sums,
    entries: [
      ...exercises.map((entry, i) => ({ kind: 'exercise' as const, entry, line: line('exercises', i) })),
      ...ladders.map((entry, i) => ({ kind: 'ladder' as const, entry, line: line('ladders', i) })),
      ...sports.map((entry, i) => ({ kind: 'sport' as const, entry, line: line('sports', i) })),
    ],
  };
}

/** The node at a path, or the closest one above it that is there. */
function nearest(tree: Node, path: (string | number)[]): Node {
  for (let length = path.length; length > 0; length--) {
    const node = findNodeAtLocation(tree, path.slice(0, length));
    if (node) return node;
  }
  return tree;
}

function place(text: string, offset: number): { line: number; column: string } {
  const before = text.slice(0, offset).split('\n');
  return { line: before.length, column: String((before.at(-1)?.length ?? 0) + 1) };
}

function readCsv(text: string): { issues: FileIssue[]; entries: Entry[] } {
  const issues: FileIssue[] = [];
  const entries: Entry[] = [];
  let line = 2;
  const clean = text.replace(/^\uFEFF/, '');
  const header = Papa.parse<string[]>(clean, { preview: 1 }).data[0] ?? [];
  const missing = EXERCISE_COLUMNS.filter((column) => !header.includes(column));
  const unknown = header.filter((column) => !(EXERCISE_COLUMNS as readonly string[]).includes(column));
  if (missing.length > 0 || unknown.length > 0)
    return {
      entries,
      issues: [
        ...(missing.length > 0 ? [{ line: 1, column: missing.join(', '), message: 'These columns are missing.' }] : []),
        ...(unknown.length > 0
          ? [{ line: 1, column: unknown.join(', '), message: 'These columns are not known.' }]
          : []),
      ],
    };
  Papa.parse<ExerciseRow>(clean, {
    header: true,
    skipEmptyLines: true,
    step: ({ data, errors, meta }) => {
      for (const error of errors)
        issues.push({ line, column: '', message: `This row cannot be read: ${error.message}.` });
      const read = errors.length === 0 ? rowToExercise(data) : null;
      if (read?.ok) entries.push({ kind: 'exercise', entry: read.value, line });
      else if (read)
        for (const { column, value, wants } of read.issues)
          issues.push({
            line,
            column,
            message: `${data.id}: “${value}” does not do in this column.${wants ? ` ${wantWords(wants)}` : ''}`,
          });
      line = clean.slice(0, meta.cursor).split('\n').length;
    },
  });
  return { issues, entries };
}

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
      figure: (exercise as { figure?: unknown }).figure ?? FIGURES[exercise.id] ?? null,
    })),
    ladders,
    sports: [...library.sports.values()],
  };
}
