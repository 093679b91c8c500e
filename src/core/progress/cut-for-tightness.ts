import type { Dose } from '../dose';
import type { Library } from '../library';
import type { MethodTables } from '../method';
import { aThirdLess } from './a-third-less';
import type { Change } from './change';
import type { JudgedCase } from './progress-case';
import { doseRange, entryOnRung, type DoseRange } from './range';

/**
 * PROG-4: overly tight → one set off; at the minimum of sets a third of the reps or time; twice in a row one rung down,
 * at that rung's most reps and one set under its most. On the lowest rung the cut goes on instead.
 * @returns null when nothing is left to cut
 */
export function cutForTightness(
  { exercise, track, row, last, owned }: JudgedCase,
  range: DoseRange,
  library: Library,
  method: MethodTables,
): Change | null {
  const [, before] = track.exposures;
  const from = { exerciseId: exercise.id, dose: owned };
  const saw = {
    answer: 'tight',
    place: last.response?.place ?? null,
    day: last.day,
    sets: owned.sets,
    amount: owned.amount,
  };
  const twice = before?.response?.answer === 'tight';
  const lower = twice ? entryOnRung(exercise, -1, library) : null;
  const lowerRange = lower && doseRange(lower, method.doses[row], library);
  if (lower && lowerRange) {
    const dose: Dose = {
      ...owned,
      sets: Math.max(1, lowerRange.sets[1] - 1),
      amount: lowerRange.amount[1],
      unit: lower.doseUnit,
      per: lower.per,
      loadKg: null,
      percent: null,
    };
    return {
      kind: 'rung-down',
      from,
      to: { exerciseId: lower.id, dose },
      rules: ['PROG-4'],
      saw: { ...saw, twice: true },
    };
  }
  if (owned.sets > range.sets[0])
    return {
      kind: 'set-down',
      from,
      to: { ...from, dose: { ...owned, sets: owned.sets - 1 } },
      rules: ['PROG-4'],
      saw,
    };
  const amount = aThirdLess(owned, method);
  if (amount === null) return null;
  return { kind: 'amount-down', from, to: { ...from, dose: { ...owned, amount } }, rules: ['PROG-4', 'DOSE-1'], saw };
}
