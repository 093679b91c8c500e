/** Arithmetic mean; NaN when there is nothing to average. */
export const mean = (values: readonly number[]): number => values.reduce((sum, v) => sum + v, 0) / values.length;

/** Middle value; the mean of the two middle ones when even; NaN when empty. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 ? (sorted[Math.floor(half)] ?? NaN) : mean([sorted[half - 1] ?? NaN, sorted[half] ?? NaN]);
}

/** Sample standard deviation (n − 1); null with fewer than two values. */
export function sampleSd(values: readonly number[]): number | null {
  if (values.length < 2) return null;
  const m = mean(values);
  return Math.sqrt(values.reduce((sum, v) => sum + (v - m) ** 2, 0) / (values.length - 1));
}

export interface Line {
  readonly slope: number;
  readonly intercept: number;
  /** share of the variance the line explains, 0–1 */
  readonly r2: number;
  /** residual standard deviation, n − 2; null with two points */
  readonly residualSd: number | null;
}

/** Least-squares line through points; null when fewer than two differ in x. */
export function fitLine(points: readonly (readonly [x: number, y: number])[]): Line | null {
  const mx = mean(points.map(([x]) => x));
  const my = mean(points.map(([, y]) => y));
  const sxx = points.reduce((sum, [x]) => sum + (x - mx) ** 2, 0);
  if (points.length < 2 || sxx === 0) return null;
  const sxy = points.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0);
  const syy = points.reduce((sum, [, y]) => sum + (y - my) ** 2, 0);
  const slope = sxy / sxx;
  const intercept = my - slope * mx;
  const left = points.reduce((sum, [x, y]) => sum + (y - intercept - slope * x) ** 2, 0);
  return {
    slope,
    intercept,
    r2: syy === 0 ? 1 : 1 - left / syy,
    residualSd: points.length > 2 ? Math.sqrt(left / (points.length - 2)) : null,
  };
}

/**
 * Share of the others a value is above, ties counted half, 0–100; null with nobody to compare with.
 * @param better which way is better: a fast sprint stands high
 */
export function percentile(value: number, others: readonly number[], better: 'higher' | 'lower'): number | null {
  if (others.length === 0) return null;
  const beaten = others.filter((other) => (better === 'higher' ? other < value : other > value)).length;
  const ties = others.filter((other) => other === value).length;
  return ((beaten + ties / 2) / others.length) * 100;
}

/** The value below which a share of others lie, straight between the two nearest. @param share 0 to 1 @throws {RangeError} of none */
export function quantile(values: readonly number[], share: number): number {
  if (values.length === 0) throw new RangeError('quantile: values must not be empty');
  const sorted = [...values].sort((a, b) => a - b);
  const at = share * (sorted.length - 1);
  const [low = 0, high = low] = [sorted[Math.floor(at)], sorted[Math.ceil(at)]];
  return low + (high - low) * (at - Math.floor(at));
}
