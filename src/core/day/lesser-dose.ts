import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import { aThirdLess, doseRange } from '../progress';
import type { DayContext } from './day-context';

/**
 * A dose one step of PROG-4 easier: one set off; at the fewest sets a third of the reps or time.
 * @returns null where nothing is left to take off, and for getting warm
 */
export function lesserDose(
  { exerciseId, row: id, dose }: { readonly exerciseId: string; readonly row: DoseRowId; readonly dose: Dose },
  { library, method }: Pick<DayContext, 'library' | 'method'>,
): Dose | null {
  const exercise = library.exercises.get(exerciseId);
  const row = method.doses[id];
  const range = exercise && row.progresses ? doseRange(exercise, row, library) : null;
  if (!range) return null;
  if (dose.sets > range.sets[0]) return { ...dose, sets: dose.sets - 1 };
  const amount = aThirdLess(dose, method);
  return amount === null ? null : { ...dose, amount };
}
