import { describe, expect, it, test } from 'vitest';
import { LIBRARY, START, TEST_SPECS } from '$catalog';
import { assumedNoise } from '../testing';
import { testRecord as record } from '../../../tests/fixtures';
import { jumperOf, NO_TARGETS, readLever, readSquad, type LeverInput } from '.';
import { SQUAD_JUMPS } from '../../../tests/twelve-athletes';

const input = (own: Partial<LeverInput>): LeverInput => ({
  cmjM: 0.4,
  sjM: 0.36,
  rsi: 1.7,
  relativeSquat: 1.4,
  squatTarget: 1.25,
  squatEnough: null,
  squad: { rsiTest: 'rsi-10-5', rsi: SQUAD_JUMPS, eur: [] },
  ...own,
});

describe('the lever (START-7)', () => {
  test.each([
    ['both fine, not yet strong', {}, 'strength', 'sure'],
    ['both fine and strong', { relativeSquat: 1.6 }, 'speed', 'sure'],
    ['both fine, and strong enough is said lower', { squatEnough: 1.4 }, 'speed', 'sure'],
    ['strong enough is said, and not reached', { squatEnough: 1.45 }, 'strength', 'sure'],
    ['little from the dip', { sjM: 0.395 }, 'slow-ssc', 'weak evidence'],
    ['slow on the floor', { rsi: 1.2 }, 'fast-ssc', 'sure'],
    ['both low, the floor by far', { sjM: 0.385, rsi: 1.0 }, 'fast-ssc', 'sure'],
    ['both low, the dip by far', { sjM: 0.6, rsi: 1.62 }, 'slow-ssc', 'weak evidence'],
    [
      'RSI with too few mates to compare',
      { squad: { rsiTest: 'rsi-10-5', rsi: [], eur: [] } },
      'strength',
      'less sure',
    ],
    ['no jump at all', { cmjM: null, rsi: null }, null, 'sure'],
    ['no squat', { relativeSquat: null }, null, 'sure'],
  ] as [string, Partial<LeverInput>, string | null, string][])('%s', (_name, own, lever, sure) => {
    expect(readLever(input(own), START)).toMatchObject({ lever, sure });
  });
});

test.each([
  [0.6, 0.45, 'one-foot'],
  [0.45, 0.6, 'two-foot'],
  [0.5, 0.48, 'even'],
])('an approach of %d and %d m jumps %s (START-6)', (one, two, kind) => {
  expect(jumperOf(one, two, assumedNoise({ m: 0.03 }, one)).kind).toBe(kind);
});

describe('a squad', () => {
  const member = (id: string, sex: 'female' | 'male', rsiTest: string, [height, rsi]: readonly [number, number]) => ({
    id,
    sex,
    today: '2026-11-24',
    targets: NO_TARGETS,
    squatEnough: null,
    cuts: (LIBRARY.sports.get('ultimate')?.demands['deceleration-cutting'] ?? 0) >= START.cutsFrom,
    bodyMassKg: 70,
    ageYears: 22,
    complaints: [],
    leans: 'unknown' as const,
    noise: (spec: { assumed: { m?: number; share?: number } }, value: number) => assumedNoise(spec.assumed, value),
    records: [record('cmj', height), record(rsiTest, rsi)],
  });

  it('is read within its own sex and its own test of RSI', () => {
    const women = SQUAD_JUMPS.map((jump, i) => member(`w${String(i)}`, 'female', 'rsi-10-5', jump));
    const slow = member('slow', 'female', 'rsi-10-5', [0.4, 1.1]);
    const dropped = member('dropped', 'female', 'drop-rsi', [0.4, 1.1]);
    const alone = member('alone', 'male', 'rsi-10-5', [0.4, 1.1]);
    const readings = readSquad([...women, slow, dropped, alone], TEST_SPECS, START);
    expect(readings.get('slow')?.lever?.lever).toBe('fast-ssc');
    expect(readings.get('dropped')?.lever?.rsiGap).toBeNull();
    expect(readings.get('alone')?.lever?.rsiGap).toBeNull();
  });
});
