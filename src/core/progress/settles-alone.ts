import type { Library } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import { getExercise } from '../library';
import type { Change } from './change';
import { doseRange } from './range';

const ALONE: readonly Change['kind'][] = ['load-up', 'given-back', 'set-up', 'amount-up'];

/**
 * Whether a rule settles a change by itself, listed with a way back (PROG-17). A rung, up or down, and a cut to the least
 * of a range are the coach's.
 */
export function settlesAlone({ kind, to }: Change, row: DoseRowId, library: Library, method: MethodTables): boolean {
  if (ALONE.includes(kind)) return true;
  if (kind !== 'set-down' && kind !== 'amount-down') return false;
  const range = doseRange(getExercise(library, to.exerciseId), method.doses[row], library);
  return (
    range !== null && (to.dose.sets > range.sets[0] || (kind === 'amount-down' && to.dose.amount > range.amount[0]))
  );
}
