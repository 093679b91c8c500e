import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import { LOWER_BODY } from '../season';
import { percentFor } from '../testing';
import type { DayContext } from './day-context';

/**
 * Near an event lower-body work is eased until it is not heavy, by the same arithmetic that judges it (WEEK-2): structure
 * work and what is heavy in a row of loads to two sets, as the plan eases its mains (three reps with five in reserve are
 * neither strength nor rest); all else keeps more in reserve than what counts as heavy, assistance three.
 * @returns the same dose where nothing is to be eased
 */
export function easeForDay(
  dose: Dose,
  exercise: Exercise,
  row: DoseRowId,
  { limits, method }: Pick<DayContext, 'limits' | 'method'>,
): Dose {
  const { week } = method.settings;
  if (!limits.quiet || !LOWER_BODY.includes(exercise.family) || exercise.plyo) return dose;
  const few = (of: Dose): Dose => (of.sets < week.heavySets ? of : { ...of, sets: week.heavySets - 1 });
  if (row === 'D-STR' || (method.doses[row].intensity !== null && isHard(dose, method))) return few(dose);
  return dose.rir === null || dose.rir > week.heavyRir ? dose : { ...dose, rir: week.heavyRir + 1 };
}

/** Near failure, or by reps and reserve at a load that counts as heavy. */
function isHard({ unit, amount, rir }: Dose, { settings: { week, loading } }: MethodTables): boolean {
  if (rir === null) return false;
  if (rir <= week.heavyRir) return true;
  const share = unit === 'reps' ? percentFor(loading.formula, amount, rir, loading.maxPrescribingReps) : null;
  return share?.ok === true && share.value >= week.heavyIntensity - 1e-9;
}
