import { fail, ok, type Result } from '../result';
import { fitLine } from '../statistics';
import { GRAVITY } from './jump-height';

export interface Split {
  readonly distanceM: number;
  readonly timeS: number;
}
export interface SprintFit {
  readonly vmax: number;
  readonly tau: number;
  /** clock time before the model starts, s: a reaction or a gate before the line */
  readonly delayS: number;
  /** root mean square of the split times' residuals, s */
  readonly errorS: number;
}

/** Splits that leave something over when vmax, tau and the delay are fitted. */
const LEAST_WITH_DELAY = 4;
const LEAST = 3;
const ROUNDS = 60;

/** Time at which a runner of (vmax, tau) passes a distance, s: the root of x(t) = vmax(t + τe^(−t/τ)) − vmax·τ. */
export function timeAt(distanceM: number, vmax: number, tau: number): number {
  let t = distanceM / vmax + tau;
  for (let i = 0; i < 40; i++) {
    const e = Math.exp(-t / tau);
    const step = (vmax * (t + tau * e) - vmax * tau - distanceM) / (vmax * (1 - e));
    t -= step;
    if (Math.abs(step) < 1e-12) break;
  }
  return t;
}

/**
 * Fits x(t) = vmax(t + τe^(−t/τ)) − vmax·τ to splits by damped least squares; with four or more splits a start delay too.
 * @returns vmax in m/s, tau and delay in s with the fit's error; or `too_few_splits`, `splits_out_of_order`, `no_fit`
 * @source Samozino 2016
 */
export function fitSprint(splits: readonly Split[]): Result<SprintFit> {
  if (splits.length < LEAST) return fail('too_few_splits', ['splits'], { splits: splits.length, needed: LEAST });
  const out = splits.findIndex(
    ({ distanceM, timeS }, i) =>
      !(distanceM > (splits[i - 1]?.distanceM ?? 0)) || !(timeS > (splits[i - 1]?.timeS ?? 0)),
  );
  if (out >= 0) return fail('splits_out_of_order', ['splits', out], { split: out + 1 });
  const withDelay = splits.length >= LEAST_WITH_DELAY;
  const [last, before] = [splits.at(-1), splits.at(-2)];
  if (!last || !before) return fail('no_fit', ['splits']);
  const residuals = (p: readonly number[]): number[] =>
    splits.map(
      ({ distanceM, timeS }) => timeAt(distanceM, Math.exp(p[0] ?? 0), Math.exp(p[1] ?? 0)) + (p[2] ?? 0) - timeS,
    );
  const size = (r: readonly number[]): number => r.reduce((sum, x) => sum + x * x, 0);
  // logarithms keep both positive
  let p = [Math.log((last.distanceM - before.distanceM) / (last.timeS - before.timeS)), 0, ...(withDelay ? [0] : [])];
  let r = residuals(p);
  let damping = 1e-3;
  for (let round = 0; round < ROUNDS && size(r) > 1e-18; round++) {
    const columns = p.map((_, j) => {
      const moved = residuals(p.map((x, k) => (k === j ? x + 1e-6 : x)));
      return moved.map((x, i) => (x - (r[i] ?? 0)) / 1e-6);
    });
    const normal = columns.map((a, i) =>
      columns.map((b, j) => a.reduce((sum, x, k) => sum + x * (b[k] ?? 0), 0) * (i === j ? 1 + damping : 1)),
    );
    const step = solve(
      normal,
      columns.map((a) => -a.reduce((sum, x, k) => sum + x * (r[k] ?? 0), 0)),
    );
    const next = step && p.map((x, i) => x + (step[i] ?? 0));
    const left = next ? residuals(next) : null;
    if (next && left && size(left) < size(r)) {
      [p, r, damping] = [next, left, damping / 5];
    } else if ((damping *= 8) > 1e12) break;
  }
  const [vmax, tau] = [Math.exp(p[0] ?? 0), Math.exp(p[1] ?? 0)];
  if (![vmax, tau].every((x) => Number.isFinite(x) && x > 0)) return fail('no_fit', ['splits']);
  return ok({ vmax, tau, delayS: p[2] ?? 0, errorS: Math.sqrt(size(r) / splits.length) });
}

/** Solves a small linear system by elimination; null when it has no single answer. */
function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] | null {
  const rows = a.map((row, i) => [...row, b[i] ?? 0]);
  const n = rows.length;
  for (let i = 0; i < n; i++) {
    const pivot = rows
      .slice(i)
      .reduce((best, row, k) => (Math.abs(row[i] ?? 0) > Math.abs(rows[best]?.[i] ?? 0) ? i + k : best), i);
    const [top, other] = [rows[pivot], rows[i]];
    if (!top || !other || Math.abs(top[i] ?? 0) < 1e-300) return null;
    [rows[i], rows[pivot]] = [top, other];
    for (let k = 0; k < n; k++) {
      const row = rows[k];
      if (k === i || !row) continue;
      const factor = (row[i] ?? 0) / (top[i] ?? 1);
      rows[k] = row.map((x, j) => x - factor * (top[j] ?? 0));
    }
  }
  return rows.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}

export interface SprintProfile {
  readonly f0N: number;
  readonly v0: number;
  readonly pmaxW: number;
  /** best share of force sent forwards (from 0.3 s), 0–1, and its fall per m/s */
  readonly rfMax: number;
  readonly drf: number;
}

/** Air: density at 20 °C and sea level, drag coefficient (Samozino 2016). */
const AIR_DENSITY = 1.293 * (273 / 293);
const DRAG = 0.9;
/** The ratio of force is read from here on. */
const RF_FROM_S = 0.3;

/**
 * Horizontal force–velocity profile of a fitted sprint; needs body mass and height for the force and the air's drag.
 * @returns F0 in N, V0 in m/s, Pmax in W, ratio of force; or `mass_not_positive`, `height_not_positive`
 * @source Samozino 2016
 */
export function sprintProfile(fit: SprintFit, massKg: number, heightM: number): Result<SprintProfile> {
  if (!(massKg > 0)) return fail('mass_not_positive', ['massKg'], { massKg });
  if (!(heightM > 0)) return fail('height_not_positive', ['heightM'], { heightM });
  const area = 0.2025 * heightM ** 0.725 * massKg ** 0.425 * 0.266;
  const k = 0.5 * AIR_DENSITY * area * DRAG;
  const at = Array.from({ length: 80 }, (_, i) => i * 0.05).map((t) => {
    const velocity = fit.vmax * (1 - Math.exp(-t / fit.tau));
    const forceN = massKg * (fit.vmax / fit.tau) * Math.exp(-t / fit.tau) + k * velocity ** 2;
    return { t, velocity, forceN, ratio: forceN / Math.hypot(forceN, massKg * GRAVITY) };
  });
  const line = fitLine(at.map(({ velocity, forceN }) => [velocity, forceN]));
  const later = at.filter(({ t }) => t >= RF_FROM_S - 1e-9);
  const fall = fitLine(later.map(({ velocity, ratio }) => [velocity, ratio]));
  if (!line || !fall) return fail('no_fit', ['fit']);
  const v0 = -line.intercept / line.slope;
  return ok({
    f0N: line.intercept,
    v0,
    pmaxW: (line.intercept * v0) / 4,
    rfMax: Math.max(...later.map(({ ratio }) => ratio)),
    drf: fall.slope,
  });
}
