import { fail, ok, type Result } from '../result';
import { estimateOneRepMax, type OneRepMaxFormula } from './one-rep-max';

/**
 * The share of 1RM that allows `reps` with `repsInReserve` left: the inverse of the prescribing formula at their sum.
 * Every formula is proportional to the load, so the share is 1 / formula(1 kg).
 * @param maxReps the formula may be read up to this many (reps + reserve) for prescribing
 * @returns 0–1, or an issue `reps_not_whole` or `too_many_reps`
 * @example percentFor('epley', 6, 3, 20) // { ok: true, value: 0.769… }
 */
export function percentFor(
  formula: OneRepMaxFormula,
  reps: number,
  repsInReserve: number,
  maxReps: number,
): Result<number> {
  if (repsInReserve < 0) return fail('reserve_negative', ['repsInReserve'], { repsInReserve });
  const one = estimateOneRepMax(formula, 1, reps, repsInReserve, maxReps);
  return one.ok ? ok(1 / one.value) : one;
}
