import { fail, ok, type Result } from '../result';

/** Standard gravity, m/s². */
export const GRAVITY = 9.80665;

/**
 * Jump height from flight time: h = g·t²/8.
 * @param flightS seconds in the air, ≥ 0
 * @returns metres, or an issue `time_negative`
 * @source Bosco 1983
 * @example heightFromFlight(0.41) // { ok: true, value: 0.206062 }
 */
export const heightFromFlight = (flightS: number): Result<number> =>
  flightS >= 0 ? ok((GRAVITY * flightS ** 2) / 8) : fail('time_negative', ['flightS'], { flightS });

/**
 * Take-off velocity of a jump: v = √(2·g·h).
 * @param heightM metres, ≥ 0
 * @returns m/s, or an issue `height_negative`
 * @example takeOffVelocity(0.2) // { ok: true, value: 1.980571 }
 */
export const takeOffVelocity = (heightM: number): Result<number> =>
  heightM >= 0 ? ok(Math.sqrt(2 * GRAVITY * heightM)) : fail('height_negative', ['heightM'], { heightM });
