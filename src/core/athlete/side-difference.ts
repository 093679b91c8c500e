import { addDays, type Day } from '../calendar';
import type { MethodSettings } from '../method';
import type { Outcomes } from '../startline';
import { assumedNoise, readChange, type TestSpecs } from '../testing';

/** A leg that is weaker than the other, beyond the error of the test that says so (DOSE-10). */
export interface SideDifference {
  readonly test: string;
  readonly weak: 'left' | 'right';
  /** weak side over strong side, 0–1 */
  readonly share: number;
}

/**
 * The worst difference of the last weeks' single-leg tests under 0.90 and beyond the error; null = none, or not known.
 * @param outcomes on the day
 */
export function sideDifference(
  outcomes: Outcomes,
  specs: TestSpecs,
  day: Day,
  { tests, under, validDays }: MethodSettings['sides'],
): SideDifference | null {
  const since = addDays(day, -validDays);
  const found = tests.flatMap((test): SideDifference[] => {
    const spec = specs.get(test);
    const { left, right } = outcomes.get(test)?.sides ?? {};
    if (!spec || !left || !right || left.day < since || right.day < since) return [];
    const [weak, strong] = left.value <= right.value ? [left, right] : [right, left];
    const share = strong.value > 0 ? weak.value / strong.value : 1;
    const { kind } = readChange(weak.value, strong.value, assumedNoise(spec.assumed, strong.value));
    if (share >= under - 1e-9 || kind === 'within the error') return [];
    return [{ test, weak: weak === left ? 'left' : 'right', share }];
  });
  return found.reduce<SideDifference | null>((worst, one) => (worst && worst.share <= one.share ? worst : one), null);
}
