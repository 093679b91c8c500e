import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import { actsOn } from '../safety';

/** A named place acts on work there; no place acts on jumps and eccentric work (PROG-0). */
export const answerActsOn = (exercise: Exercise, place: string | null, method: MethodTables): boolean =>
  place === null ? exercise.plyo !== null || exercise.qualities.includes('eccentric') : actsOn(exercise, place, method);
