import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief, dose } from '../../../tests/fixtures';
import { makeContext } from '../choose';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { isHeavy } from '../season';
import { easeForDay } from './ease-for-day';

const on = (days: number, id: string, row: DoseRowId, of: Partial<Dose>): Dose => {
  const context = makeContext(
    brief({ events: [{ day: `2026-11-${String(24 + days)}`, kind: 'league' }] }),
    LIBRARY,
    METHOD,
  );
  return easeForDay(dose(of), getExercise(LIBRARY, id), row, context);
};

describe('two days before an event (WEEK-2)', () => {
  test.each<[string, string, DoseRowId, Partial<Dose>, Partial<Dose>]>([
    [
      'maximal strength goes to two sets, its reserve stays',
      'back-squat',
      'D-MAX',
      { sets: 4, amount: 3, rir: 2 },
      { sets: 2, amount: 3, rir: 2 },
    ],
    [
      'heavy by its load though not near failure',
      'back-squat',
      'D-MAX',
      { sets: 4, amount: 3, rir: 3 },
      { sets: 2, rir: 3 },
    ],
    ['structure goes to two sets', 'romanian-deadlift', 'D-STR', { sets: 4, amount: 10, rir: 3 }, { sets: 2, rir: 3 }],
    [
      'maintenance that is not heavy stays',
      'back-squat',
      'D-MAINT',
      { sets: 3, amount: 6, rir: 3 },
      { sets: 3, rir: 3 },
    ],
    ['two sets are few enough', 'back-squat', 'D-MAX', { sets: 2, amount: 2, rir: 1 }, { sets: 2, rir: 1 }],
    ['assistance keeps three in reserve', 'split-squat', 'D-ASST', { sets: 3, amount: 8, rir: 2 }, { sets: 3, rir: 3 }],
    ['the upper body is not asked', 'bench-press', 'D-MAX', { sets: 4, amount: 3, rir: 2 }, { sets: 4, rir: 2 }],
  ])('%s', (_what, id, row, of, expected) => {
    const eased = on(2, id, row, of);
    expect(eased).toMatchObject(expected);
    expect(isHeavy({ exercise: getExercise(LIBRARY, id), row, dose: eased }, METHOD)).toBe(false);
    expect(on(4, id, row, of)).toEqual(dose(of));
  });

  it('leaves a jump to what judges jumps', () => {
    expect(on(2, 'pogo', 'D-FAST', { sets: 5, amount: 10 })).toEqual(dose({ sets: 5, amount: 10 }));
  });
});
