import { describe, expect, it } from 'vitest';
import { TEST_SPECS } from '$catalog';
import { testRecord } from '../../../tests/fixtures';
import { oddValues, usualValues, type OwnedRecord } from '.';

const of = (athleteId: string, test: string, value: number, day = '2026-11-20'): OwnedRecord => ({
  ...testRecord(test, value, { day }),
  athleteId,
});
const peers = ['a', 'b', 'c', 'd'].map((id, i) => of(id, 'R4', 0.1 + i * 0.01));
const odd = (incoming: OwnedRecord[], known: OwnedRecord[] = peers) =>
  [...oddValues(incoming, known, usualValues(known), TEST_SPECS)].map(({ athleteId, test }) => `${athleteId} ${test}`);

describe('a value that no last one measures', () => {
  it('asks when it is far from what is usual: a slip of the comma', () => {
    expect(usualValues(peers).get('R4')).toBeCloseTo(0.115, 9);
    expect(odd([of('new', 'R4', 0.011), of('new', 'R4', 1.1), of('other', 'R4', 0.08)])).toEqual(['new R4', 'new R4']);
  });
  it('is measured by the athlete’s own last where there is one, and by nobody where few have one', () => {
    expect(odd([of('a', 'R4', 0.011, '2026-11-24')])).toEqual([]);
    expect(odd([of('new', 'R4', 0.011)], peers.slice(1))).toEqual([]);
  });
  it('takes the newest of each athlete, and none that still asks', () => {
    const later = of('a', 'R4', 0.2, '2026-11-22');
    expect(usualValues([...peers, later]).get('R4')).toBeCloseTo(0.125, 9);
    expect(usualValues([...peers.slice(1), { ...later, asks: true }]).size).toBe(0);
  });
});

describe('a countermovement jump under the squat jump of its day', () => {
  it('asks from either side, beyond three hundredths', () => {
    const [sj, cmj] = [of('a', 'sj', 0.4), of('a', 'cmj', 0.35)];
    expect(odd([cmj], [sj])).toEqual(['a cmj']);
    expect(odd([sj], [cmj])).toEqual(['a sj']);
    expect(odd([of('a', 'cmj', 0.39)], [sj])).toEqual([]);
    expect(odd([of('a', 'cmj', 0.45)], [sj])).toEqual([]);
    expect(odd([of('a', 'cmj', 0.35, '2026-11-24')], [sj])).toEqual([]);
  });
});
