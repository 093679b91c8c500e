import { fail, ok, type Result } from '../result';
import { likelyRange, type Noise } from './reliability';
import { showValue } from './show-value';
import type { TestSpec } from './test-spec';

/** A value as it lands: whether it can be, and whether it is likely for this athlete. */
export interface CheckedValue {
  /** it asks before it counts */
  readonly asks: boolean;
  readonly likely: readonly [low: number, high: number] | null;
  readonly last: number | null;
}

/** Every number of a cell, trial by trial. */
export const numbersOf = ({
  value,
  trials,
}: {
  readonly value: number | null;
  readonly trials: readonly number[] | null;
}): readonly number[] => trials ?? (value === null ? [] : [value]);

/**
 * Checks a value in the stored unit: outside what a body can do it is refused; far from the athlete's last it asks.
 * @param last the athlete's last counted value of this test and side, null = never tested
 * @returns `value_impossible` with the bounds when it cannot be
 */
export function checkValue(spec: TestSpec, value: number, last: number | null, noise: Noise): Result<CheckedValue> {
  const [low, high] = spec.possible;
  if (!Number.isFinite(value) || value < low || value > high)
    return fail('value_impossible', ['value'], {
      test: spec.name,
      value: showValue(spec, value),
      low: showValue(spec, low),
      high: showValue(spec, high),
      unit: spec.unit,
    });
  if (last === null || spec.kind === 'grade' || spec.kind === 'joints') return ok({ asks: false, likely: null, last });
  const likely = likelyRange(last, noise);
  return ok({ asks: value < likely[0] || value > likely[1], likely, last });
}
