import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import { ownValue } from '../own';

/**
 * How much of an entry's work falls on a place: the sum of its muscles' shares, 0–1. At the knee, knee-dominant work
 * counts in full; at the back, axial load does (method 14).
 * @throws {RangeError} a place the method does not know.
 */
export function placeShare(exercise: Exercise, placeId: string, method: MethodTables): number {
  const place = ownValue(method.places, placeId);
  if (!place) throw new RangeError(`placeShare: place must be in the method, got ${placeId}`);
  if (place.kneeDominant && (exercise.dominance?.knee ?? 0) >= method.settings.progress.kneeDominance) return 1;
  if (place.axial && exercise.flags.includes('axial')) return 1;
  return place.muscles.reduce((sum, muscle) => sum + (exercise.share[muscle] ?? 0), 0);
}

/** Whether an answer that names this place acts on an entry (PROG-0). */
export const actsOn = (exercise: Exercise, placeId: string, method: MethodTables): boolean =>
  placeShare(exercise, placeId, method) >= method.settings.progress.placeShare - 1e-9;
