import { fail, ok, type Result } from '../result';
import { fitLine } from '../statistics';
import { GRAVITY } from './jump-height';

export interface LoadedJump {
  /** athlete and load, kg */
  readonly systemMassKg: number;
  readonly heightM: number;
}
export interface ForceVelocity {
  readonly forceN: number;
  readonly velocity: number;
}
export interface JumpProfile {
  readonly f0N: number;
  readonly v0: number;
  readonly pmaxW: number;
  readonly slope: number;
  readonly r2: number;
  readonly points: readonly ForceVelocity[];
}

/** Loads a profile needs. */
const LEAST_LOADS = 4;

/**
 * Force–velocity profile of loaded jumps: F = m·g·(h/d + 1), v = √(g·h/2), a straight line F(v).
 * @param pushOffM push-off distance d, m
 * @returns F0 in N, V0 in m/s, Pmax = F0·V0/4 in W; or `too_few_loads`, `distance_not_positive`, `no_profile`
 * @source Samozino 2008
 */
export function jumpProfile(jumps: readonly LoadedJump[], pushOffM: number): Result<JumpProfile> {
  if (!(pushOffM > 0)) return fail('distance_not_positive', ['pushOffM'], { distance: pushOffM });
  if (new Set(jumps.map(({ systemMassKg }) => systemMassKg)).size < LEAST_LOADS)
    return fail('too_few_loads', ['jumps'], { loads: jumps.length, needed: LEAST_LOADS });
  const points = jumps.map(({ systemMassKg, heightM }) => ({
    forceN: systemMassKg * GRAVITY * (heightM / pushOffM + 1),
    velocity: Math.sqrt((GRAVITY * heightM) / 2),
  }));
  const line = fitLine(points.map(({ velocity, forceN }) => [velocity, forceN]));
  if (!line || line.slope >= 0) return fail('no_profile', ['jumps']);
  const v0 = -line.intercept / line.slope;
  return ok({ f0N: line.intercept, v0, pmaxW: (line.intercept * v0) / 4, slope: line.slope, r2: line.r2, points });
}
