import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import { isBarred, barOf } from './bars';
import { actsOn } from './place-share';

/**
 * Places an entry leaves in peace: little of its work falls there, or it is a slow hold that a sore place at 3 still
 * allows (SAFE-8). Those are what a coach looks for when something hurts a little.
 */
export function gentlePlaces(exercise: Exercise, method: MethodTables): string[] {
  return Object.keys(method.places).filter((place) => {
    const tier = exercise.plyo?.tier ?? null;
    const barred = isBarred(barOf({ place, side: null, score: 3, column: 'three' }, method), exercise, 'D-ASST', tier);
    return !barred && (!actsOn(exercise, place, method) || exercise.speed === 'hold');
  });
}
