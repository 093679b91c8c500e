import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief, dose } from '../../../tests/fixtures';
import { getExercise } from '../library';
import { rampSets } from '.';

const KIT = brief().place.loading;
const of = (id: string, own: Parameters<typeof dose>[0]) =>
  rampSets(getExercise(LIBRARY, id), dose({ rir: 2, amount: 5, ...own }), KIT, METHOD).map(
    ({ loadKg, reps }) => `${String(loadKg)} × ${String(reps)}`,
  );

describe('ramp sets (ORD-7)', () => {
  test.each([
    ['back-squat', { loadKg: 100, percent: 0.8 }, ['20 × 5', '50 × 5', '70 × 3', '85 × 2']],
    // rounded down to the plates there are
    ['back-squat', { loadKg: 97.5, percent: 0.8 }, ['20 × 5', '47.5 × 5', '67.5 × 3', '82.5 × 2']],
    // half of it is the bar again
    ['back-squat', { loadKg: 40, percent: 0.8 }, ['20 × 5', '27.5 × 3', '32.5 × 2']],
    // a light working set asks for no heavy ramp
    ['back-squat', { loadKg: 60, percent: 0.5 }, ['20 × 5', '30 × 5']],
    ['back-squat', { loadKg: 20, percent: 0.7 }, []],
    ['goblet-squat', { loadKg: 24 }, ['8 × 5', '12 × 5', '16 × 3', '20 × 2']],
    ['landmine-squat', { loadKg: 40 }, ['20 × 5', '27.5 × 3', '32.5 × 2']],
    // a load to be found is looked for in the session; nothing to load, nothing to ramp
    ['back-squat', { loadKg: null }, []],
    ['push-up', { loadKg: null }, []],
  ] as const)('%s at %j', (id, own, expected) => {
    expect(of(id, own)).toEqual(expected);
  });

  it('leaves out the light ones after another main lift, however few are left', () => {
    const second = (own: Parameters<typeof dose>[0]) =>
      rampSets(getExercise(LIBRARY, 'deadlift'), dose({ rir: 2, ...own }), KIT, METHOD, 'second').map(
        ({ loadKg }) => loadKg,
      );
    expect(second({ loadKg: 100, percent: 0.8 })).toEqual([70, 85]);
    expect(second({ loadKg: 100, percent: 0.5 })).toEqual([]);
  });

  test.each([
    ['rear-foot-elevated-split-squat', { loadKg: 24, amount: 6, rir: 3 }, ['16 × 3']],
    ['romanian-deadlift', { loadKg: 80, amount: 8, percent: 0.75 }, ['55 × 3']],
    ['romanian-deadlift', { loadKg: 50, amount: 5, percent: 0.5 }, ['25 × 5']],
    // reps enough that the first set is its own way
    ['romanian-deadlift', { loadKg: 60, amount: 10, percent: 0.66 }, []],
  ] as const)('%s at %j, no main lift, takes one at most', (id, own, expected) => {
    const sets = rampSets(getExercise(LIBRARY, id), dose({ rir: 2, ...own }), KIT, METHOD, 'one');
    expect(sets.map(({ loadKg, reps }) => `${String(loadKg)} × ${String(reps)}`)).toEqual(expected);
  });

  it('rises to under the working load, whatever that is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 8, max: 120 }),
        fc.option(fc.double({ min: 0.3, max: 0.95, noNaN: true })),
        (n, percent) => {
          const loadKg = n * 2.5;
          const sets = rampSets(getExercise(LIBRARY, 'deadlift'), dose({ rir: 2, loadKg, percent }), KIT, METHOD);
          for (const [i, set] of sets.entries()) {
            expect(set.loadKg).toBeLessThan(loadKg);
            expect(set.loadKg).toBeGreaterThan(sets[i - 1]?.loadKg ?? 0);
          }
          expect(sets.length).toBeLessThanOrEqual(METHOD.settings.loading.ramp.length);
        },
      ),
      { seed: 4 },
    );
  });
});
