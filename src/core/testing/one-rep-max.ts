import { fail, ok, type Result } from '../result';

/** The seven estimates of a one-repetition maximum (method 15), w in kg, r in repetitions to failure. */
const FORMULAS = {
  epley: (w: number, r: number) => w * (1 + r / 30),
  brzycki: (w: number, r: number) => (36 * w) / (37 - r),
  lombardi: (w: number, r: number) => w * r ** 0.1,
  mayhew: (w: number, r: number) => (100 * w) / (52.2 + 41.9 * Math.exp(-0.055 * r)),
  wathan: (w: number, r: number) => (100 * w) / (48.8 + 53.8 * Math.exp(-0.075 * r)),
  oconner: (w: number, r: number) => w * (1 + 0.025 * r),
  lander: (w: number, r: number) => (100 * w) / (101.3 - 2.67123 * r),
} as const;

export type OneRepMaxFormula = keyof typeof FORMULAS;
export const ONE_REP_MAX_FORMULAS = Object.keys(FORMULAS) as readonly OneRepMaxFormula[];

/**
 * One-repetition maximum by one formula; a set with k in reserve is read as r + k repetitions; one repetition is itself.
 * @param loadKg kg, > 0
 * @param reps whole repetitions done, ≥ 1
 * @param repsInReserve RIR, ≥ 0
 * @param maxReps beyond this many (reps + reserve) there is no estimate
 * @returns kg, or an issue `load_not_positive`, `reps_not_whole` or `too_many_reps`
 * @source Epley 1985, Brzycki 1993, Lombardi 1989, Mayhew 1992, Wathan 1994, O'Conner 1989, Lander 1985
 * @example estimateOneRepMax('epley', 102.5, 6, 2, 12) // { ok: true, value: 129.83… }
 */
export function estimateOneRepMax(
  formula: OneRepMaxFormula,
  loadKg: number,
  reps: number,
  repsInReserve: number,
  maxReps: number,
): Result<number> {
  if (!(loadKg > 0)) return fail('load_not_positive', ['loadKg'], { loadKg });
  if (!Number.isInteger(reps) || reps < 1) return fail('reps_not_whole', ['reps'], { reps });
  const total = reps + repsInReserve;
  if (total > maxReps) return fail('too_many_reps', ['reps'], { reps, repsInReserve, maxReps });
  return ok(total === 1 ? loadKg : FORMULAS[formula](loadKg, total));
}
