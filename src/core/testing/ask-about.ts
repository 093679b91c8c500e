import { likelyRange, type Noise } from './reliability';
import type { OwnedRecord } from './noise-book';
import type { TestSpec, TestSpecs } from './test-spec';

/**
 * Which of many new values ask before they count: those far from the athlete's last counted one of that test and side,
 * whether it was known before or is new itself. A value that asks is no measure for the next.
 * @param incoming new values, lifts as their estimate, any order
 * @param known values that stand, lifts as their estimate
 * @returns the incoming records that ask
 */
export function askAbout(
  incoming: readonly OwnedRecord[],
  known: readonly OwnedRecord[],
  specs: TestSpecs,
  noise: (spec: TestSpec, value: number) => Noise,
): ReadonlySet<OwnedRecord> {
  const fresh = new Set(incoming);
  const series = new Map<string, OwnedRecord[]>();
  for (const record of [...known, ...incoming]) {
    const kind = specs.get(record.test)?.kind;
    if (record.asks || record.value === null || (kind !== 'number' && kind !== 'lift')) continue;
    const key = `${record.athleteId} ${record.test} ${record.side}`;
    const own = series.get(key);
    if (own) own.push(record);
    else series.set(key, [record]);
  }
  const asking = new Set<OwnedRecord>();
  for (const own of series.values()) {
    const spec = specs.get(own[0]?.test ?? '');
    if (!spec) continue;
    own.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
    let last: OwnedRecord | null = null;
    for (const record of own) {
      const { value } = record;
      // the new value of a day takes the old one's place, so the day before is what it is measured by
      if (value === null) continue;
      const before: number | null = last && last.day < record.day ? last.value : null;
      if (fresh.has(record) && before !== null) {
        const [low, high] = likelyRange(before, noise(spec, before));
        if (value < low || value > high) {
          asking.add(record);
          continue;
        }
      }
      last = record;
    }
  }
  return asking;
}
