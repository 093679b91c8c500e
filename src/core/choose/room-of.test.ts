import { describe, expect, it, test } from 'vitest';
import { LIBRARY } from '$catalog';
import { athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import { roomOf } from './room-of';

const ids = ['a', 'b', 'c', 'd'];
const own = trackOf('back-squat', 'D-MAX', dose({ loadKg: 80, rir: 2 }));
const knows = (exerciseId: string, maxima: number, tracks: number): boolean =>
  roomOf(
    brief({
      athletes: ids.map((id, i) => athlete({ id, e1rmKg: i < maxima ? { 'back-squat': 100 } : {} })),
      tracks: Object.fromEntries(ids.slice(0, tracks).map((id) => [id, [own]])),
    }),
    LIBRARY,
  ).knows(exerciseId);

describe('whose loads are known (ORD-7)', () => {
  test.each([
    ['half have a maximum', 'back-squat', 2, 0, true],
    ['fewer have', 'back-squat', 1, 0, false],
    ['a lift reckoned from it', 'front-squat', 2, 0, true],
    ['a load come to', 'back-squat', 0, 2, true],
    ['a load of another lift says nothing', 'deadlift', 4, 4, false],
    ['one of each, of the same athlete, is one', 'back-squat', 1, 1, false],
  ] as const)('%s', (_name, id, maxima, tracks, expected) => {
    expect(knows(id, maxima, tracks)).toBe(expected);
  });

  it('counts those present and the racks of the place', () => {
    expect(roomOf(brief(), LIBRARY)).toMatchObject({ present: 14, racks: brief().place.racks });
  });
});
