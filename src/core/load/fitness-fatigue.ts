import { quantile } from '../statistics';

/**
 * Two memories of load: fitness fades slowly, fatigue fast (method 15).
 * p(t) = p0 + k1 Σ w·e^(−(t−s)/τ1) − k2 Σ w·e^(−(t−s)/τ2), over the days s before t; days and load as they come.
 */
export interface TwoMemories {
  readonly p0: number;
  readonly k1: number;
  readonly k2: number;
  /** days */
  readonly tau1: number;
  readonly tau2: number;
}

/** What fades of loads before each day. @returns one for each day, the first 0 */
export function fading(loads: readonly number[], tau: number): number[] {
  const keep = Math.exp(-1 / tau);
  const left: number[] = [];
  let sum = 0;
  for (const load of loads) {
    left.push(sum);
    sum = (sum + load) * keep;
  }
  return left;
}

/** The curve of a model over daily loads. @returns one for each day */
export function performance(loads: readonly number[], { p0, k1, k2, tau1, tau2 }: TwoMemories): number[] {
  const [fit, tired] = [fading(loads, tau1), fading(loads, tau2)];
  return loads.map((_, i) => p0 + k1 * (fit[i] ?? 0) - k2 * (tired[i] ?? 0));
}

type Span = readonly [number, number];

/** Ranges in which published fits lie, and how finely they are looked at. */
export interface MemoryRanges {
  readonly tau1: Span;
  readonly tau2: Span;
  /** k2 as a multiple of k1 */
  readonly ratio: Span;
  readonly steps: number;
}

/** Values spread evenly over a span, both ends among them. */
export const between = ([from, to]: Span, steps: number): number[] =>
  Array.from({ length: steps }, (_, i) => from + ((to - from) * i) / Math.max(1, steps - 1));

/** Models over the whole of the published ranges, k1 = 1: what nobody has fitted may lie anywhere in them. */
export const modelsIn = ({ tau1, tau2, ratio, steps }: MemoryRanges): TwoMemories[] =>
  between(tau1, steps).flatMap((slow) =>
    between(tau2, steps).flatMap((fast) =>
      between(ratio, steps).map((k2) => ({ p0: 0, k1: 1, k2, tau1: slow, tau2: fast })),
    ),
  );

/** A difference of two plans on a day: the middle of what the models say, and where nine of ten lie. */
export interface Difference {
  readonly middle: number;
  readonly low: number;
  readonly high: number;
}

const INTERVAL: Span = [0.05, 0.95];

/**
 * How much a second plan stands over a first one, day by day. A fitted model tells it in its test's unit; one of the
 * published ranges as a share of the fitness the first plan has built by its best day.
 * @param a daily loads of the first plan @param b of the second, from the same day on
 */
export function compareLoads(
  a: readonly number[],
  b: readonly number[],
  models: readonly TwoMemories[],
  fitted: boolean,
): Difference[] {
  const each = models.map((model) => {
    const [one, other] = [performance(a, model), performance(b, model)];
    const whole = fitted ? 1 : Math.max(...fading(a, model.tau1).map((of) => of * model.k1), Number.EPSILON);
    return one.map((value, i) => ((other[i] ?? value) - value) / whole);
  });
  return a.map((_, i) => {
    const at = each.map((of) => of[i] ?? 0);
    return { middle: quantile(at, 0.5), low: quantile(at, INTERVAL[0]), high: quantile(at, INTERVAL[1]) };
  });
}
