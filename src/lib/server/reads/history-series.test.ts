import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { dose } from '../../../../tests/fixtures';
import type { PastRow, PastSet } from '../repositories/athlete-history';
import { ladderSeries, measuredSeries, movedOver } from './history-series';

const set = (day: string, exerciseId: string, of: Partial<PastSet> = {}): PastSet => ({
  day,
  sessionId: day,
  slot: 'main',
  exerciseId,
  row: 'D-MAX',
  written: dose({ sets: 3, amount: 5, rir: 2 }),
  amount: 5,
  loadKg: 100,
  rir: null,
  fault: null,
  ...of,
});
const test = (day: string, of: Partial<PastRow['results'][number]>): PastRow['results'][number] =>
  ({
    id: day,
    day,
    test: 'back-squat',
    side: 'both',
    value: null,
    loadKg: null,
    reps: null,
    rir: null,
    asks: false,
    ...of,
  }) as PastRow['results'][number];

describe('what was measured over time', () => {
  it('reads a lift from tests and from the best set of each day of training, at the reserve asked for', () => {
    const [squat] = measuredSeries(
      [
        test('2026-09-01', { loadKg: 100, reps: 1, rir: 0 }),
        test('2026-09-01', { loadKg: 120, reps: 1, rir: 0, asks: true }),
      ],
      [
        set('2026-09-08', 'back-squat'),
        set('2026-09-08', 'back-squat', { loadKg: 90 }),
        set('2026-09-08', 'back-squat', { loadKg: 140, fault: 'seen' }),
        set('2026-09-15', 'back-squat', { rir: 4 }),
        set('2026-09-22', 'back-squat', { amount: 12 }),
      ],
      METHOD,
    );
    expect(squat).toMatchObject({ id: 'back-squat', as: { lift: true, unit: 'kg' } });
    expect(squat!.points.map(({ day, value, trained }) => [day, Math.round(value), trained])).toEqual([
      ['2026-09-01', 100, false],
      ['2026-09-08', 123, true],
      ['2026-09-15', 130, true],
    ]);
    expect(movedOver([squat!])).toMatchObject([{ since: '2026-09-01', beyond: true }]);
    expect(movedOver([{ ...squat!, points: squat!.points.slice(1) }])).toMatchObject([{ beyond: false }]);
  });

  it('draws nothing of what was measured once, nor of screens', () => {
    expect(
      measuredSeries(
        [
          test('2026-09-01', { test: 'cmj', value: 0.4 }),
          test('2026-09-01', { test: 'C1', value: 1 }),
          test('2026-09-08', { test: 'C1', value: 0 }),
        ],
        [],
        METHOD,
      ),
    ).toEqual([]);
  });
});

describe('where somebody stood on a ladder', () => {
  const rung = (number: number) => LIBRARY.ladders.get('control')?.rungs[number - 1]?.exercises[0] ?? '';
  const ladders = (sets: readonly PastSet[], changes: readonly { day: string; to: unknown; rules: string[] }[] = []) =>
    ladderSeries(sets, changes as never, LIBRARY, METHOD)[0];
  const on = (day: string, number: number, of: Partial<PastSet> = {}) =>
    set(day, rung(number), { row: 'D-STAB', ...of });

  it('goes up with the rung, and not down for another day’s lower one', () => {
    const found = ladders([on('2026-09-01', 6), on('2026-09-03', 7), on('2026-09-08', 6), on('2026-09-10', 7)]);
    expect(found?.steps.map((one) => one.rung)).toEqual([6, 7, 7]);
    expect(found?.steps.every(({ down }) => down.length === 0)).toBe(true);
  });

  it('goes down where a change led there, with its rules, or after two weeks without', () => {
    const sent = ladders(
      [on('2026-09-01', 7), on('2026-09-05', 6)],
      [{ day: '2026-09-03', to: { exerciseId: rung(6) }, rules: ['PROG-4'] }],
    );
    expect(sent?.steps.at(-1)).toMatchObject({ rung: 6, down: ['PROG-4'] });
    expect(ladders([on('2026-09-01', 7), on('2026-09-16', 6)])?.steps.at(-1)).toMatchObject({ rung: 6, down: [] });
  });

  it('leaves out drills to get warm by', () => {
    expect(ladders([on('2026-09-01', 6, { row: 'D-PREP' })])).toBeUndefined();
  });
});
