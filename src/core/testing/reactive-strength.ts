import { fail, ok, type Result } from '../result';
import { mean } from '../statistics';
import { GRAVITY } from './jump-height';

export interface ReactiveStrength {
  readonly heightM: number;
  /** height over contact, m/s */
  readonly heightOverContact: number;
  /** flight over contact, no unit */
  readonly flightOverContact: number;
}

/**
 * Reactive strength index both ways.
 * @param contactS seconds on the floor before the jump, > 0
 * @returns both indices, or `contact_not_positive`, `time_negative`
 * @source Flanagan & Comyns 2008
 * @example reactiveStrength(0.474, 0.259) // heightOverContact 1.06338, flightOverContact 1.83012
 */
export function reactiveStrength(flightS: number, contactS: number): Result<ReactiveStrength> {
  if (!(contactS > 0)) return fail('contact_not_positive', ['contactS'], { contactS });
  if (!(flightS >= 0)) return fail('time_negative', ['flightS'], { flightS });
  const heightM = (GRAVITY * flightS ** 2) / 8;
  return ok({ heightM, heightOverContact: heightM / contactS, flightOverContact: flightS / contactS });
}

/** RSI-mod: jump height over the time from the first movement to take-off, m/s; `time_not_positive`. */
export const reactiveStrengthModified = (heightM: number, timeToTakeOffS: number): Result<number> =>
  timeToTakeOffS > 0
    ? ok(heightM / timeToTakeOffS)
    : fail('time_not_positive', ['timeToTakeOffS'], { time: timeToTakeOffS });

export interface RepeatedJump {
  readonly contactS: number;
  readonly flightS: number;
}
export interface RepeatedJumps {
  /** mean of the best five, m/s */
  readonly rsi: number;
  /** 1 − mean of the last two over the best; null with fewer than three */
  readonly dropOff: number | null;
  readonly each: readonly ReactiveStrength[];
}

/**
 * The 10-5: repeated jumps read by the mean RSI of the best five.
 * @returns m/s, or `too_few_jumps`, or the issue of a jump that cannot be
 */
export function repeatedJumps(jumps: readonly RepeatedJump[], bestOf = 5): Result<RepeatedJumps> {
  if (jumps.length < bestOf) return fail('too_few_jumps', ['jumps'], { jumps: jumps.length, needed: bestOf });
  const each: ReactiveStrength[] = [];
  for (const jump of jumps) {
    const read = reactiveStrength(jump.flightS, jump.contactS);
    if (!read.ok) return read;
    each.push(read.value);
  }
  const indices = each.map(({ heightOverContact }) => heightOverContact);
  const best = [...indices].sort((a, b) => b - a);
  return ok({
    rsi: mean(best.slice(0, bestOf)),
    dropOff: jumps.length < 3 || !best[0] ? null : 1 - mean(indices.slice(-2)) / best[0],
    each,
  });
}
