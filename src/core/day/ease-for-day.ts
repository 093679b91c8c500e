import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import { LOWER_BODY } from '../season';
import { percentFor } from '../testing';
import type { DayContext } from './day-context';

/** RIR is raised this far at most; past it the reps themselves are light. */
const MOST_RIR = 8;

/**
 * Near an event lower-body work is eased until it is not heavy, by the same arithmetic that judges it (WEEK-2): RIR above
 * what counts as heavy and the sets below 80 %; structure work to two sets. Assistance keeps three in reserve.
 * @returns the same dose where nothing is to be eased
 */
export function easeForDay(
  dose: Dose,
  exercise: Exercise,
  row: DoseRowId,
  { limits, method }: Pick<DayContext, 'limits' | 'method'>,
): Dose {
  const { week, loading } = method.settings;
  if (!limits.quiet || !LOWER_BODY.includes(exercise.family) || exercise.plyo) return dose;
  const sets = row === 'D-STR' ? Math.min(dose.sets, week.heavySets - 1) : dose.sets;
  if (dose.rir === null) return sets === dose.sets ? dose : { ...dose, sets };
  let rir = Math.max(dose.rir, week.heavyRir + 1);
  if (dose.unit === 'reps' && exercise.load.oneRepMax && method.doses[row].intensity)
    while (rir < MOST_RIR && tooHeavy(dose.amount, rir)) rir += 1;
  return rir === dose.rir && sets === dose.sets ? dose : { ...dose, sets, rir };

  function tooHeavy(reps: number, reserve: number): boolean {
    const share = percentFor(loading.formula, reps, reserve, loading.maxPrescribingReps);
    return share.ok && share.value >= week.heavyIntensity - 1e-9;
  }
}
