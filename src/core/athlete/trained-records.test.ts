import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { dose, trackOf } from '../../../tests/fixtures';
import { addDays, type Day } from '../calendar';
import type { Exposure, Track } from '../track';
import { trainedRecords } from '.';

const TODAY: Day = '2026-11-24';
const squatted = (
  daysAgo: number,
  set: Partial<Exposure['sets'][number]>,
  rir: number | null = 2,
  exerciseId = 'back-squat',
): Track => {
  const written = dose({ sets: 1, amount: 5, loadKg: 100, rir });
  const exposure: Exposure = {
    sessionId: 's',
    day: addDays(TODAY, -daysAgo),
    dose: written,
    based: written,
    eased: [],
    sets: [{ amount: 5, loadKg: 100, rir: null, fault: null, ...set }],
    response: null,
    settledBy: [],
  };
  return { ...trackOf(exerciseId, 'D-MAX', written), exposures: [exposure] };
};
const told = (tracks: readonly Track[], tested: readonly string[] = []) =>
  trainedRecords(
    tracks,
    tested.map((day) => ({ test: 'back-squat', day, asks: false })),
    TODAY,
    METHOD,
  );

describe('what training says of a lift (START-2)', () => {
  it('is the best set that gives an estimate, at the reserve asked for where none was said', () => {
    expect(told([squatted(3, {})])).toMatchObject([
      { test: 'back-squat', loadKg: 100, reps: 5, rir: 2, day: '2026-11-21' },
    ]);
    expect(told([squatted(3, { rir: 4 }), squatted(10, { loadKg: 101 })])).toMatchObject([{ loadKg: 100, rir: 4 }]);
  });

  it.each<[string, Track[], string[]?]>([
    ['a test in date stands alone', [squatted(3, {})], ['2026-10-20']],
    ['sets of today do not count yet', [squatted(0, {})]],
    ['nor sets past their time', [squatted(43, {})]],
    ['nor with a fault', [squatted(3, { fault: 'heels' })]],
    ['nor without a load', [squatted(3, { loadKg: null })]],
    ['nor a reserve nobody asked for or said', [squatted(3, {}, null)]],
    ['nor too many reps for an estimate', [squatted(3, { amount: 11 })]],
    ['nor lifts that are no test', [squatted(3, {}, 2, 'hip-thrust')]],
  ])('%s', (_, tracks, tested = []) => {
    expect(told(tracks, tested)).toEqual([]);
  });

  it('a test past its time is followed by what was lifted since', () => {
    expect(told([squatted(3, {})], ['2026-10-01'])).toHaveLength(1);
  });
});
