import { fail, ok, type Result } from '../result';
import { mean } from '../statistics';
import { between, fading, performance, type MemoryRanges, type TwoMemories } from './fitness-fatigue';

/** A test on a day, counted from the first day of the loads. */
export interface TestOn {
  readonly at: number;
  readonly value: number;
}

/**
 * Models that fit tests, by least squares over a grid of τ and a bootstrap of what is left over: as many as were drawn.
 * @param random from 0 to 1
 * @returns or `too_few_tests`
 */
export function fitMemories(
  loads: readonly number[],
  tests: readonly TestOn[],
  { tau1, tau2, steps }: MemoryRanges,
  { least, draws }: { readonly least: number; readonly draws: number },
  random: () => number,
): Result<TwoMemories[]> {
  const known = tests.filter(({ at }) => at >= 0 && at < loads.length);
  if (known.length < least) return fail('too_few_tests', [], { tests: known.length, least });
  const finer = steps * 2;
  const grid = between(tau1, finer).flatMap((slow) =>
    between(tau2, finer).map((fast) => {
      const [fit, tired] = [fading(loads, slow), fading(loads, fast)];
      return { slow, fast, rows: known.map(({ at }) => [1, fit[at] ?? 0, -(tired[at] ?? 0)]) };
    }),
  );
  const best = (values: readonly number[]): TwoMemories => {
    let found: { model: TwoMemories; error: number } | null = null;
    for (const { slow, fast, rows } of grid) {
      const [p0 = 0, k1 = 0, k2 = 0] = leastSquares(rows, values);
      const error = rows.reduce((sum, [, f = 0, g = 0], i) => sum + (p0 + k1 * f + k2 * g - (values[i] ?? 0)) ** 2, 0);
      if (!found || error < found.error) found = { model: { p0, k1, k2, tau1: slow, tau2: fast }, error };
    }
    return found?.model ?? { p0: mean(values), k1: 0, k2: 0, tau1: tau1[0], tau2: tau2[0] };
  };
  const values = known.map(({ value }) => value);
  const first = best(values);
  const curve = performance(loads, first);
  const said = known.map(({ at }) => curve[at] ?? 0);
  const left = values.map((value, i) => value - (said[i] ?? 0));
  const drawn = Array.from({ length: draws }, () =>
    best(said.map((value) => value + (left[Math.floor(random() * left.length)] ?? 0))),
  );
  return ok([first, ...drawn]);
}

/** p0, k1 and k2 of least error, neither k below 0: one that would be is left out and the rest fitted again. */
function leastSquares(rows: readonly (readonly number[])[], values: readonly number[]): number[] {
  let used = [0, 1, 2];
  for (;;) {
    const solved = normalSolution(
      rows.map((row) => used.map((i) => row[i] ?? 0)),
      values,
    );
    const negative = used.findIndex((i, n) => i > 0 && (solved[n] ?? 0) < 0);
    if (negative < 0) return [0, 1, 2].map((i) => (used.includes(i) ? (solved[used.indexOf(i)] ?? 0) : 0));
    used = used.filter((_, n) => n !== negative);
  }
}

/** Gaussian elimination on the normal equations; a hair on the diagonal keeps columns that are alike from dividing by 0. */
function normalSolution(rows: readonly (readonly number[])[], values: readonly number[]): number[] {
  const size = rows[0]?.length ?? 0;
  const at = (row: readonly number[] | undefined, i: number): number => row?.[i] ?? 0;
  const m = Array.from({ length: size }, (_, i) => [
    ...Array.from({ length: size }, (_, j) => rows.reduce((sum, row) => sum + at(row, i) * at(row, j), 0)),
    rows.reduce((sum, row, n) => sum + at(row, i) * (values[n] ?? 0), 0),
  ]);
  m.forEach((row, i) => (row[i] = at(row, i) * (1 + 1e-12) + 1e-12));
  for (let i = 0; i < size; i++)
    for (let k = 0; k < size; k++) {
      if (k === i) continue;
      const by = at(m[k], i) / at(m[i], i);
      m[k] = (m[k] ?? []).map((value, j) => value - by * at(m[i], j));
    }
  return m.map((row, i) => at(row, size) / at(row, i));
}
