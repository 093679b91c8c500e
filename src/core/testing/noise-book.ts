import { daysBetween } from '../calendar';
import { assumedNoise, noiseOf, type Noise } from './reliability';
import type { TestRecord, TestSpec } from './test-spec';

/** Two tests this close are a test and its repeat: nothing had time to change. */
const REPEAT_DAYS = 10;

/** A record with the athlete it is of. */
export interface OwnedRecord extends TestRecord {
  readonly athleteId: string;
}

/**
 * The error of each test from a squad's own repeats (the same athlete within ten days), assumed where there are too few.
 * @param records values already estimated for lifts; those that ask do not count
 */
export function noiseBook(records: readonly OwnedRecord[]): (spec: TestSpec, value: number) => Noise {
  const byKey = new Map<string, OwnedRecord[]>();
  for (const record of records) {
    if (record.asks || record.value === null) continue;
    const key = `${record.test} ${record.athleteId} ${record.side}`;
    const own = byKey.get(key);
    if (own) own.push(record);
    else byKey.set(key, [record]);
  }
  const pairs = new Map<string, [number, number][]>();
  for (const own of byKey.values()) {
    own.sort((a, b) => (a.day < b.day ? -1 : 1));
    for (let i = 1; i < own.length; i++) {
      const [before, after] = [own[i - 1], own[i]];
      if (!before || !after || before.value === null || after.value === null) continue;
      const apart = daysBetween(before.day, after.day);
      if (apart === 0 || apart > REPEAT_DAYS) continue;
      pairs.set(after.test, [...(pairs.get(after.test) ?? []), [before.value, after.value]]);
      // a value serves in one pair
      i += 1;
    }
  }
  const book = new Map([...pairs].map(([test, found]) => [test, noiseOf(found)]));
  return (spec, value) => book.get(spec.id) ?? assumedNoise(spec.assumed, value);
}
