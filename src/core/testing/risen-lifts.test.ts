import { describe, expect, it, test } from 'vitest';
import { METHOD } from '$catalog';
import { testSpecs } from '../athlete';
import { assumedNoise, risenLifts, type TestRecord } from '.';

const TODAY = '2026-11-25';
const record = (test: string, day: string, value: number, own: Partial<TestRecord> = {}): TestRecord => ({
  test,
  day,
  value,
  side: 'both',
  trials: null,
  joints: null,
  loadKg: null,
  reps: null,
  rir: null,
  asks: false,
  ...own,
});
const risen = (...records: TestRecord[]) =>
  risenLifts(records, testSpecs(METHOD), (spec, value) => assumedNoise(spec.assumed, value), {
    today: TODAY,
    jump: 'cmj',
    withinDays: 3,
  });

describe('a lift that rose beyond its error asks for a jump (PROG-11)', () => {
  const before = record('back-squat', '2026-10-20', 100);
  // the error of a lift nobody has repeated is 5 %: a change is likely beyond √2 of it
  test.each([
    ['beyond it', record('back-squat', '2026-11-24', 107.2), ['back-squat']],
    ['within it', record('back-squat', '2026-11-24', 107), []],
    ['fallen', record('back-squat', '2026-11-24', 90), []],
    ['four days ago', record('back-squat', '2026-11-21', 120), []],
    ['on its last day', record('back-squat', '2026-11-22', 120), ['back-squat']],
    ['in doubt', record('back-squat', '2026-11-24', 120, { asks: true }), []],
    ['read from training', record('back-squat', '2026-11-24', 120, { trained: true }), []],
  ] as const)('%s', (_name, now, expected) => {
    expect(risen(before, now)).toEqual(expected);
  });

  it('not once the jump was tested since, and never the first time', () => {
    const now = record('back-squat', '2026-11-23', 120);
    expect(risen(before, now, record('cmj', '2026-11-22', 0.4))).toEqual(['back-squat']);
    expect(risen(before, now, record('cmj', '2026-11-23', 0.4))).toEqual([]);
    expect(risen(now)).toEqual([]);
  });
});
