import { addDays, type Day } from '../calendar';
import type { MethodTables } from '../method';
import { estimateOneRepMax, type TestRecord } from '../testing';
import type { Track } from '../track';

/**
 * What training says of a lift that no test in date speaks of: the best set of the last weeks, as far as it gives an
 * estimate (START-2: e1RM is the best valid set). Who squats every week is not untested.
 * @param records tests as they are kept; those in date stand alone
 * @param day sets of this day do not count yet
 */
export function trainedRecords(
  tracks: readonly Track[],
  records: readonly Pick<TestRecord, 'test' | 'day' | 'asks'>[],
  day: Day,
  { tests, settings: { loading } }: Pick<MethodTables, 'tests' | 'settings'>,
): TestRecord[] {
  const since = addDays(day, -loading.validDays);
  const inDate = (test: string): boolean =>
    records.some((record) => record.test === test && !record.asks && record.day >= since && record.day <= day);
  const best = new Map<string, { readonly value: number; readonly record: TestRecord }>();
  for (const { exerciseId: test, exposures } of tracks) {
    const spec = Object.hasOwn(tests, test) ? tests[test] : undefined;
    if (spec?.kind !== 'lift' || spec.tier !== 'force' || inDate(test)) continue;
    for (const { day: on, dose, sets } of exposures) {
      if (on < since || on >= day || dose.unit !== 'reps') continue;
      for (const { loadKg, amount: reps, rir: said, fault } of sets) {
        const rir = said ?? dose.rir;
        if (loadKg === null || rir === null || fault !== null) continue;
        const estimate = estimateOneRepMax(loading.formula, loadKg, reps, rir, loading.maxReps);
        if (!estimate.ok || estimate.value <= (best.get(test)?.value ?? 0)) continue;
        best.set(test, { value: estimate.value, record: { ...NOTHING, test, day: on, loadKg, reps, rir } });
      }
    }
  }
  return [...best.values()].map(({ record }) => record);
}

const NOTHING = { side: 'both', value: null, trials: null, joints: null, asks: false, trained: true } as const;
