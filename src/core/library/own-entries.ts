import type { Exercise } from './exercise-schema';
import type { Ladder } from './ladder-schema';
import { buildLibrary, type Library } from './library';
import type { Sport } from './sport-schema';

/** What a library is made of; an entry stands in one of three lists. */
export interface EntryKinds {
  exercise: Exercise;
  ladder: Ladder;
  sport: Sport;
}
export type EntryKind = keyof EntryKinds;

/** An entry a club wrote or changed. `base` is the built-in one as it was when the club changed it; null = the club's own. */
export interface OwnEntry {
  readonly kind: EntryKind;
  readonly id: string;
  readonly json: unknown;
  readonly base: unknown;
}

type Plain = Record<string, unknown>;

/**
 * A club's edit over a built-in entry that may have moved on since: fields the club changed stay as the club has them,
 * every other field is the built-in's of today. Fields are compared whole, so a changed list of cues stays one list.
 * @example mergeEdit({ cues: a, share: s }, { cues: b, share: s }, { cues: a, share: t }) // { cues: b, share: t }
 */
export function mergeEdit<T extends object>(base: T, mine: T, builtIn: T): T {
  const merged: Plain = { ...(builtIn as Plain) };
  for (const [field, value] of Object.entries(mine)) if (!isSame(value, (base as Plain)[field])) merged[field] = value;
  return merged as T;
}

/** Fields in which two entries differ. */
export const changedFields = (a: object, b: object): string[] =>
  [...new Set([...Object.keys(a), ...Object.keys(b)])].filter(
    (field) => !isSame((a as Plain)[field], (b as Plain)[field]),
  );

/** Equality of plain data, whatever the order of keys. */
function isSame(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) || Array.isArray(b))
    return Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((one, i) => isSame(one, b[i]));
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every((key) => key in b && isSame((a as Plain)[key], (b as Plain)[key]))
  );
}

/**
 * Lays a club's own entries over the built-in library. A rung is written once, in its ladder, so every exercise's
 * place on a ladder is read again from the ladders that result.
 */
export function overlayLibrary(builtIn: Library, own: readonly OwnEntry[]): Library {
  if (own.length === 0) return builtIn;
  const lay = <K extends EntryKind>(kind: K, list: ReadonlyMap<string, EntryKinds[K]>): EntryKinds[K][] => {
    const result = new Map(list);
    for (const entry of own) {
      if (entry.kind !== kind) continue;
      const mine = entry.json as EntryKinds[K];
      const today = list.get(entry.id);
      result.set(entry.id, today && entry.base ? mergeEdit(entry.base as EntryKinds[K], mine, today) : mine);
    }
    return [...result.values()];
  };
  const ladders = lay('ladder', builtIn.ladders);
  return buildLibrary(withRungs(lay('exercise', builtIn.exercises), ladders), ladders, lay('sport', builtIn.sports));
}

/** Exercises with their place on the ladders: the first rung that names them. */
export function withRungs(exercises: readonly Exercise[], ladders: readonly Ladder[]): Exercise[] {
  const places = new Map<string, { id: string; rung: number }>();
  for (const ladder of ladders)
    ladder.rungs.forEach(({ exercises: ids }, i) => {
      for (const id of ids) if (!places.has(id)) places.set(id, { id: ladder.id, rung: i + 1 });
    });
  return exercises.map((exercise) => {
    const ladder = places.get(exercise.id) ?? null;
    return exercise.ladder?.id === ladder?.id && exercise.ladder?.rung === ladder?.rung
      ? exercise
      : { ...exercise, ladder };
  });
}
