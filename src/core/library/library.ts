import type { Exercise } from './exercise-schema';
import type { Ladder } from './ladder-schema';
import type { Sport } from './sport-schema';

/** Everything the core looks up: passed in, never imported, so that a club's own entries count the same. */
export interface Library {
  readonly exercises: ReadonlyMap<string, Exercise>;
  readonly ladders: ReadonlyMap<string, Ladder>;
  readonly sports: ReadonlyMap<string, Sport>;
}

/**
 * Indexes lists by id.
 * @throws {RangeError} two entries of one list share an id.
 */
export function buildLibrary(
  exercises: readonly Exercise[],
  ladders: readonly Ladder[],
  sports: readonly Sport[],
): Library {
  return { exercises: byId(exercises), ladders: byId(ladders), sports: byId(sports) };
}

function byId<T extends { readonly id: string }>(list: readonly T[]): ReadonlyMap<string, T> {
  const map = new Map<string, T>();
  for (const item of list) {
    if (map.has(item.id)) throw new RangeError(`buildLibrary: id must be unique, got ${item.id} twice`);
    map.set(item.id, item);
  }
  return map;
}
