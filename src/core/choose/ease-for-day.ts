import type { Dose } from '../dose';
import type { Exercise } from '../library';
import { LOWER_BODY } from '../season';
import type { Context } from './context';

/**
 * Near an event lower-body work keeps more in reserve, so that lines of one family do not add up to heavy work (WEEK-2).
 * @returns the dose, with RIR one above what counts as heavy on a quiet day
 */
export function easeForDay(dose: Dose, exercise: Exercise, { limits, method }: Context): Dose {
  const { heavyRir } = method.settings.week;
  const near = limits.quiet && LOWER_BODY.includes(exercise.family) && dose.rir !== null && dose.rir <= heavyRir;
  return near ? { ...dose, rir: heavyRir + 1 } : dose;
}
