import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose } from '../../../tests/fixtures';
import { makeContext } from '../choose';
import { getExercise } from '../library';
import { entryOnRung } from '../progress';
import { regressionOf } from '.';

const down = (id: string, own: Parameters<typeof athlete>[0] = {}, of: Parameters<typeof dose>[0] = {}) => {
  const one = athlete(own);
  const context = makeContext(brief({ events: [], athletes: [one] }), LIBRARY, METHOD);
  return regressionOf({ exerciseId: id, row: 'D-ASST', dose: dose(of) }, one, context);
};

describe('one rung down after the same fault twice (FLOOR-3)', () => {
  const ids = [...LIBRARY.exercises.values()].filter((one) => entryOnRung(one, -1, LIBRARY)).map(({ id }) => id);

  it('is the rung below, of which nobody does more than the line asked', () => {
    for (const id of ids) {
      const { doseUnit: unit, per } = getExercise(LIBRARY, id);
      const found = down(id, {}, { sets: 3, amount: 5, unit, per, restSeconds: 75 });
      if (!found) continue;
      expect(found.exerciseId).toBe(entryOnRung(getExercise(LIBRARY, id), -1, LIBRARY)!.id);
      expect(found.dose, id).toMatchObject({ sets: 3, restSeconds: 75 });
      if (found.dose.unit === unit && found.dose.per === per) expect(found.dose.amount, id).toBeLessThanOrEqual(5);
    }
    expect(ids.filter((id) => down(id) !== null).length).toBeGreaterThan(5);
  });

  it('is none at the foot of a ladder, off one, or where something stands against it', () => {
    expect(down('back-squat', {}, {})?.exerciseId).not.toBe('back-squat');
    const foot = [...LIBRARY.ladders.values()].map(({ rungs }) => rungs[0]!.exercises[0]!);
    expect(foot.every((id) => down(id) === null)).toBe(true);
    const hurt = { complaints: [{ place: 'head', side: null, score: 5, column: 'stop' as const }] };
    expect(ids.every((id) => down(id, hurt) === null)).toBe(true);
  });
});
