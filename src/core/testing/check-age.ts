import { fail, ok, type Result } from '../result';
import type { CellValue } from './read-cell';
import type { TestSpec } from './test-spec';

/** Under `underYears` a maximum is estimated from at least `leastReps` (SAFE-3). */
export interface YouthRule {
  readonly underYears: number;
  readonly leastReps: number;
}

/**
 * Whether an athlete of this age may do a test in this way (SAFE-3); an age nobody knows stops nothing.
 * @returns `too_young_for_test`, `too_heavy_when_young`
 */
export function checkAge(
  spec: TestSpec,
  { reps }: Pick<CellValue, 'reps'>,
  ageYears: number | null,
  { underYears, leastReps }: YouthRule,
): Result<null> {
  if (ageYears === null) return ok(null);
  if (spec.fromYears !== null && ageYears < spec.fromYears)
    return fail('too_young_for_test', ['value'], { test: spec.name, years: spec.fromYears });
  if (spec.kind === 'lift' && ageYears < underYears && reps !== null && reps < leastReps)
    return fail('too_heavy_when_young', ['value'], { years: underYears, reps: leastReps });
  return ok(null);
}
