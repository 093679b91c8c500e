import { ok, type Result } from '../result';
import { estimateOneRepMax, ONE_REP_MAX_FORMULAS, type OneRepMaxFormula } from './one-rep-max';

export interface OneRepMaxSummary {
  readonly each: Readonly<Record<OneRepMaxFormula, number>>;
  readonly medianKg: number;
  readonly spreadKg: number;
}

/**
 * All seven estimates with their median and spread (largest − smallest), for display.
 * @returns kg, or the issue of the first formula that gives none
 * @example summariseOneRepMax(140, 10, 0, 12) // { ok: true, value: { medianKg: 186.66…, … } }
 */
export function summariseOneRepMax(
  loadKg: number,
  reps: number,
  repsInReserve: number,
  maxReps: number,
): Result<OneRepMaxSummary> {
  const each: Partial<Record<OneRepMaxFormula, number>> = {};
  for (const formula of ONE_REP_MAX_FORMULAS) {
    const estimate = estimateOneRepMax(formula, loadKg, reps, repsInReserve, maxReps);
    if (!estimate.ok) return estimate;
    each[formula] = estimate.value;
  }
  const sorted = Object.values(each).sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 0;
  return ok({
    each: each as Record<OneRepMaxFormula, number>,
    medianKg: middle,
    spreadKg: (sorted.at(-1) ?? 0) - (sorted[0] ?? 0),
  });
}
