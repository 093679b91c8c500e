import type { Exercise } from './exercise-schema';
import type { Library } from './library';

/**
 * An entry that must be there: ids reach this point only after the border has checked them.
 * @throws {RangeError} no such entry.
 */
export function getExercise(library: Library, id: string): Exercise {
  const exercise = library.exercises.get(id);
  if (!exercise) throw new RangeError(`getExercise: id must be in the library, got ${id}`);
  return exercise;
}
