import { describe, expect, it, test } from 'vitest';
import { TEST_SPECS } from '$catalog';
import { testRecord } from '../../../tests/fixtures';
import {
  askAbout,
  assumedNoise,
  checkAge,
  checkValue,
  outcomeOf,
  readCell,
  showValue,
  type OwnedRecord,
  type TestRecord,
} from '.';

const spec = (id: string) => TEST_SPECS.get(id)!;
const read = (id: string, text: string, mass: 'kg' | 'lb' = 'kg') => {
  const result = readCell(spec(id), text, mass);
  return result.ok ? result.value : result.issues[0]?.code;
};

describe('what is typed in a cell', () => {
  test.each([
    ['cmj', '41.2', { value: 0.412, trials: null }],
    ['cmj', '41,2 cm', { value: 0.412 }],
    ['cmj', '38 41.5 40', { value: 0.415, trials: [0.38, 0.415, 0.4] }],
    ['sprint-20', '3.2 3.1', { value: 3.1 }],
    ['R1', 'g', { value: 2 }],
    ['R1', 'Pass', { value: 1 }],
    ['R2', 'f', { value: 0 }],
    ['C5', '0110', { value: 2, joints: [0, 1, 1, 0] }],
    ['C5', '1', { value: 1, joints: null }],
    ['back-squat', '100 x 5', { loadKg: 100, reps: 5, rir: 0 }],
    ['back-squat', '102.5 × 3, 2 left', { loadKg: 102.5, reps: 3, rir: 2 }],
  ])('%s: %s', (id, text, expected) => {
    expect(read(id, text)).toMatchObject(expected);
  });

  test.each([
    ['cmj', 'high', 'not_a_number'],
    ['R2', 'good', 'not_a_grade'],
    ['C5', '9', 'not_a_score'],
    ['back-squat', 'heavy', 'not_a_lift'],
    ['back-squat', '100 x', 'not_a_lift'],
    ['back-squat', '60 x 30', 'too_many_reps'],
    ['cmj', '1 2 3 4 5 6 7', 'too_many_trials'],
  ])('%s: %s is %s', (id, text, code) => {
    expect(read(id, text)).toBe(code);
  });

  it('reads lifts in the unit of the club without changing them', () => {
    expect(read('deadlift', '225 x 3', 'lb')).toMatchObject({ loadKg: expect.closeTo(102.058, 3) });
  });

  it.each([...TEST_SPECS.values()].filter(({ kind }) => kind !== 'lift'))('$id shows what it reads', (one) => {
    const typed = one.kind === 'grade' ? one.grades[1]! : one.kind === 'joints' ? '1' : '12';
    const value = readCell(one, typed, 'kg');
    expect(value.ok && Number(showValue(one, value.value.value ?? NaN)).toString()).toBe(
      value.ok && Number(typed).toString(),
    );
  });
});

describe('what is checked as it lands', () => {
  const noise = assumedNoise({ m: 0.03 }, 0.4);
  it('refuses what no body can do, and asks about what is unlikely for this athlete', () => {
    expect(checkValue(spec('cmj'), 3.1, null, noise)).toMatchObject({
      ok: false,
      issues: [{ code: 'value_impossible' }],
    });
    expect(checkValue(spec('cmj'), 0.71, 0.45, noise)).toMatchObject({ ok: true, value: { asks: true } });
    expect(checkValue(spec('cmj'), 0.47, 0.45, noise)).toMatchObject({ ok: true, value: { asks: false } });
    expect(checkValue(spec('cmj'), 0.71, null, noise)).toMatchObject({ ok: true, value: { asks: false } });
  });
});

test.each([
  ['drop-rsi', { reps: null }, 15, 'too_young_for_test'],
  ['drop-rsi', { reps: null }, 16, undefined],
  ['back-squat', { reps: 3 }, 15, 'too_heavy_when_young'],
  ['back-squat', { reps: 5 }, 15, undefined],
  ['back-squat', { reps: 1 }, null, undefined],
])('%s with %o at %s years: %s (SAFE-3)', (id, cell, age, code) => {
  const allowed = checkAge(spec(id), cell, age, { underYears: 16, leastReps: 5 });
  expect(allowed.ok ? undefined : allowed.issues[0]?.code).toBe(code);
});

describe('outcomes', () => {
  const record = (own: Partial<TestRecord>) => testRecord('R4', null, own);
  const ankle = (left: number | null, right: number | null) =>
    outcomeOf(
      spec('R4'),
      [
        ...(left === null ? [] : [record({ side: 'left', value: left })]),
        ...(right === null ? [] : [record({ side: 'right', value: right })]),
      ],
      '2026-11-24',
    ).state;
  test.each([
    [0.12, 0.115, 'passed'],
    [0.12, 0.1, 'failed'],
    [0.09, 0.12, 'failed'],
    [0.12, null, 'unknown'],
    [0.09, null, 'failed'],
  ])('knee to wall %d and %d: %s', (left, right, state) => {
    expect(ankle(left, right)).toBe(state);
  });

  it('lets the older entry for both stand for the side that was not tested again', () => {
    const old = record({ day: '2026-11-01', value: 0.12 });
    const again = (value: number) => outcomeOf(spec('R4'), [old, record({ side: 'left', value })], '2026-11-24').state;
    expect(again(0.12)).toBe('passed');
    expect(again(0.08)).toBe('failed');
  });

  it('takes the last day of each side, best of its trials with the spread', () => {
    const outcome = outcomeOf(
      spec('cmj'),
      [
        record({ test: 'cmj', day: '2026-11-01', value: 0.5 }),
        record({ test: 'cmj', value: 0.42, trials: [0.4, 0.42, 0.39] }),
      ],
      '2026-11-24',
    );
    expect(outcome.sides.both).toMatchObject({ value: 0.42, day: '2026-11-20', spread: expect.closeTo(0.03, 9) });
  });
});

describe('many values at once', () => {
  const noise = (of: { assumed: { m?: number; share?: number } }, value: number) => assumedNoise(of.assumed, value);
  const jump = (day: string, value: number, own: Partial<OwnedRecord> = {}): OwnedRecord => ({
    ...testRecord('cmj', value, { day }),
    athleteId: 'a',
    ...own,
  });
  const asking = (incoming: OwnedRecord[], known: OwnedRecord[] = []) =>
    incoming.filter((record) => askAbout(incoming, known, TEST_SPECS, noise).has(record)).map(({ day }) => day);

  it('ask where one is far from the athlete’s last, known before or new', () => {
    expect(asking([jump('2026-11-01', 0.4), jump('2026-11-08', 0.7), jump('2026-11-15', 0.42)])).toEqual([
      '2026-11-08',
    ]);
    expect(asking([jump('2026-11-08', 0.7)], [jump('2026-11-01', 0.4)])).toEqual(['2026-11-08']);
  });
  it('come in any order, and one that asks is no measure for the next', () => {
    expect(asking([jump('2026-11-15', 0.71), jump('2026-11-08', 0.7), jump('2026-11-01', 0.4)])).toEqual([
      '2026-11-15',
      '2026-11-08',
    ]);
  });
  it('do not ask across athletes, sides and tests, nor about a first value, a grade, or one put in its own place', () => {
    expect(asking([jump('2026-11-01', 0.4), jump('2026-11-08', 0.7, { athleteId: 'b' })])).toEqual([]);
    expect(asking([jump('2026-11-01', 0.4), jump('2026-11-08', 0.7, { test: 'broad-jump' })])).toEqual([]);
    expect(asking([jump('2026-11-01', 2, { test: 'R1' }), jump('2026-11-08', 0, { test: 'R1' })])).toEqual([]);
    expect(asking([jump('2026-11-08', 0.7)], [jump('2026-11-08', 0.4)])).toEqual([]);
  });
});
