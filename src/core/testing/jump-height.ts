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

/**
 * Jump height by reach: the mark of the jump less the mark standing.
 * @returns metres, or an issue `reach_below_standing`
 */
export const heightFromReach = (standingM: number, jumpM: number): Result<number> =>
  jumpM >= standingM
    ? ok(jumpM - standingM)
    : fail('reach_below_standing', ['jumpM'], { standing: standingM, jump: jumpM });

export interface ImpulseJump {
  readonly takeOffVelocity: number;
  readonly heightM: number;
}

/**
 * Take-off velocity and height from vertical force on the ground, standing still until take-off: v = ∫(F − m·g)dt / m.
 * @param forcesN samples from quiet standing to the last before leaving the floor
 * @param rateHz samples a second
 * @returns m/s and m, or `too_short`, `mass_not_positive`
 */
export function heightFromImpulse(forcesN: readonly number[], rateHz: number, massKg: number): Result<ImpulseJump> {
  if (!(massKg > 0)) return fail('mass_not_positive', ['massKg'], { massKg });
  if (forcesN.length < 2 || !(rateHz > 0)) return fail('too_short', ['forcesN'], { samples: forcesN.length });
  const net = forcesN.map((force) => force - massKg * GRAVITY);
  const impulse = net.slice(1).reduce((sum, force, i) => sum + (force + (net[i] ?? 0)) / (2 * rateHz), 0);
  const velocity = impulse / massKg;
  return ok({ takeOffVelocity: velocity, heightM: velocity ** 2 / (2 * GRAVITY) });
}

export interface VideoJump {
  readonly flightS: number;
  readonly heightM: number;
  /** the true height lies within ± this, m: each mark may be a frame off by half either way */
  readonly errorM: number;
}

/**
 * Jump height from two frames of a film: the last with a foot down, the first with a foot down again.
 * @returns height with the error the frame rate allows, or `rate_not_positive`, `landing_before_take_off`
 * @example heightFromFrames(100, 160, 120) // flight 0.5 s, 0.306 m ± 0.010 m
 */
export function heightFromFrames(takeOffFrame: number, landingFrame: number, framesPerS: number): Result<VideoJump> {
  if (!(framesPerS > 0)) return fail('rate_not_positive', ['framesPerS'], { framesPerS });
  if (landingFrame <= takeOffFrame) return fail('landing_before_take_off', ['landingFrame']);
  const flightS = (landingFrame - takeOffFrame) / framesPerS;
  const heightOf = (t: number): number => (GRAVITY * t ** 2) / 8;
  // two marks, each uncertain by ± half a frame: the flight by one frame at most
  return ok({ flightS, heightM: heightOf(flightS), errorM: heightOf(flightS + 1 / framesPerS) - heightOf(flightS) });
}
