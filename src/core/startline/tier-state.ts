import type { Outcomes, TierState } from './outcomes';

/**
 * A test within its tier. In control a passed harder screen counts for an easier one never tested; past its time is not
 * never (START-3).
 * @param harderLast the tier's tests from easy to hard, where that counts; null where it does not
 */
export function tierState(id: string, outcomes: Outcomes, harderLast: readonly string[] | null): TierState {
  const own = outcomes.get(id)?.state ?? 'unknown';
  if (own !== 'unknown' || !harderLast || outcomes.has(id)) return own;
  const later = harderLast.slice(harderLast.indexOf(id) + 1);
  return later.some((harder) => outcomes.get(harder)?.state === 'passed') ? 'passed' : 'unknown';
}
