import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { dose } from '../../../tests/fixtures';
import { getExercise, MUSCLES } from '../library';
import type { DoseRowId } from '../method';
import { readLedger, type RatioId } from '.';

const did = (id: string, sets: number, row: DoseRowId = 'D-ASST') => ({
  exercise: getExercise(LIBRARY, id),
  row,
  dose: dose({ sets, rir: 2 }),
});
const ratio = (id: RatioId, ...entries: ReturnType<typeof did>[]) =>
  readLedger(entries, METHOD).ratios.find((one) => one.id === id)!;

describe('the balance ledger (method 11)', () => {
  it('splits a squat and a hinge by dominance', () => {
    const { knee: squatKnee, hip: squatHip } = getExercise(LIBRARY, 'back-squat').dominance!;
    const found = ratio('kneeHip', did('back-squat', 8, 'D-MAINT'));
    expect(found.share).toBeCloseTo(squatKnee / (squatKnee + squatHip), 6);
    expect(found.state).toBe('high');
    expect(ratio('kneeHip', did('romanian-deadlift', 8, 'D-MAINT')).state).toBe('low');
    expect(ratio('kneeHip', did('back-squat', 4, 'D-MAINT'), did('romanian-deadlift', 4, 'D-MAINT')).state).toBe(
      'inside',
    );
  });

  it('judges from six sets up', () => {
    expect(ratio('singleLeg', did('split-squat', 5))).toMatchObject({ share: null, state: 'unjudged' });
    expect(ratio('singleLeg', did('split-squat', 6))).toMatchObject({ share: 1, state: 'high' });
    expect(ratio('push', did('push-up', 9))).toMatchObject({ share: 1, state: 'high' });
    expect(ratio('push', did('push-up', 6), did('one-arm-row', 6)).state).toBe('inside');
  });

  it('counts one leg and sideways work of leg sets', () => {
    const all = [did('back-squat', 5, 'D-MAINT'), did('lateral-lunge', 2), did('split-squat', 3)] as const;
    expect(ratio('singleLeg', ...all).share).toBeCloseTo(0.3, 6);
    expect(ratio('sideways', ...all).share).toBeCloseTo(0.2, 6);
    expect(ratio('sideways', did('back-squat', 6, 'D-MAINT')).state).toBe('low');
  });

  it('names the neglected and what is only slow (LED-1, LED-3)', () => {
    const bare = readLedger([did('back-squat', 6, 'D-MAINT')], METHOD);
    expect(bare.neglected).toContain('tibialisAnterior');
    expect(bare.slowOnly).toContain('glutes');
    const better = readLedger(
      [did('back-squat', 6, 'D-MAINT'), did('tibialis-raise', 3), did('kettlebell-swing', 3, 'D-BAL')],
      METHOD,
    );
    expect(better.neglected).not.toContain('tibialisAnterior');
    expect(better.slowOnly).not.toContain('glutes');
  });

  test.each(['D-PREP', 'D-MOB', 'D-SKILL'] as const)('getting warm and drills count nothing (%s)', (row) => {
    expect(readLedger([did('body-weight-squat', 9, row)], METHOD).muscles.quadriceps).toBe(0);
  });

  it('the order of the lines changes nothing, and more work of a muscle never makes it neglected', () => {
    const lines = fc.array(
      fc.record({
        id: fc.constantFrom(
          'back-squat',
          'nordic-partial',
          'side-plank',
          'tibialis-raise',
          'push-up',
          'adductor-slide',
        ),
        sets: fc.integer({ min: 1, max: 5 }),
      }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(lines, (drawn) => {
        const entries = drawn.map(({ id, sets }) => did(id, sets));
        const found = readLedger(entries, METHOD);
        const back = readLedger([...entries].reverse(), METHOD);
        for (const muscle of MUSCLES) expect(back.muscles[muscle]).toBeCloseTo(found.muscles[muscle], 9);
        const more = readLedger([...entries, did('side-plank', 3)], METHOD).neglected;
        expect(found.neglected).toEqual(expect.arrayContaining([...more]));
      }),
      { seed: 11, numRuns: 60 },
    );
  });
});
