import { median } from '../statistics';
import type { OwnedRecord } from './noise-book';
import type { TestSpecs } from './test-spec';

/** A value this many times what is usual, or this part of it, is more likely a slip of the comma (TEST-1). */
const SLIP = 2.5;
/** Athletes with a value before anything is usual. */
const LEAST_PEERS = 4;
/** A countermovement helps: its jump under this part of the squat jump is asked about. */
const LEAST_OF_SQUAT_JUMP = 0.97;

/** What is usual of each test: the median of the athletes' newest values; only where enough have one. */
export function usualValues(records: readonly OwnedRecord[]): ReadonlyMap<string, number> {
  const newest = new Map<string, Map<string, OwnedRecord>>();
  for (const record of records) {
    if (record.asks || record.value === null) continue;
    const own = newest.get(record.test) ?? new Map<string, OwnedRecord>();
    newest.set(record.test, own);
    const before = own.get(record.athleteId);
    if (!before || before.day <= record.day) own.set(record.athleteId, record);
  }
  return new Map(
    [...newest].flatMap(([test, own]): [string, number][] => {
      const values = [...own.values()].flatMap(({ value }) => value ?? []);
      return values.length >= LEAST_PEERS ? [[test, median(values)]] : [];
    }),
  );
}

/**
 * New values that no last one of the athlete can be measured by, and that are odd all the same: far from what is usual,
 * or a countermovement jump under the same day's squat jump.
 * @param incoming new values, lifts as their estimate
 * @param known values that stand
 * @param usual by test (`usualValues`)
 * @returns the incoming records that ask
 */
export function oddValues(
  incoming: readonly OwnedRecord[],
  known: readonly OwnedRecord[],
  usual: ReadonlyMap<string, number>,
  specs: TestSpecs,
): ReadonlySet<OwnedRecord> {
  // looked up for each value: a file has tens of thousands
  const jumps = new Map<string, OwnedRecord>();
  for (const record of [...known, ...incoming]) {
    const key = jumpKey(record, record.test);
    if (isJump(record.test) && !jumps.has(key)) jumps.set(key, record);
  }
  const measured = new Set(known.map(({ athleteId, test, side }) => `${athleteId} ${test} ${side}`));
  return new Set(
    incoming.filter((record) => {
      const { athleteId, test, side, value } = record;
      if (value === null || specs.get(test)?.kind !== 'number') return false;
      const typical = usual.get(test);
      const first = !measured.has(`${athleteId} ${test} ${side}`);
      if (first && typical !== undefined && typical > 0 && (value > typical * SLIP || value < typical / SLIP))
        return true;
      return isUnderSquatJump(record, jumps);
    }),
  );
}

const isJump = (test: string): boolean => test === 'cmj' || test === 'sj';
const jumpKey = ({ athleteId, day }: OwnedRecord, test: string): string => `${athleteId} ${day} ${test}`;

function isUnderSquatJump(record: OwnedRecord, jumps: ReadonlyMap<string, OwnedRecord>): boolean {
  const { test, value } = record;
  if (value === null || !isJump(test)) return false;
  const other = jumps.get(jumpKey(record, test === 'cmj' ? 'sj' : 'cmj'))?.value;
  if (other == null) return false;
  return test === 'cmj' ? value < other * LEAST_OF_SQUAT_JUMP : other < value * LEAST_OF_SQUAT_JUMP;
}
