import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief } from '../../../tests/fixtures';
import { buildModel } from './compile/build-model';
import { bonusesOf } from './compile/bonuses';
import { makeContext } from './context';
import { coverageTable } from './compile/coverage-table';
import { addTo, gainOf, pointsOf, secondsWith, startTotals } from './engine/objective';
import { slotOptions } from './candidates/options';
import { templateFor } from './candidates/template-for';

const { choice } = METHOD.settings;

/** A model as a session is chosen from, small enough to try things on. */
function model() {
  const context = makeContext(brief({ events: [] }), LIBRARY, METHOD);
  const template = templateFor(
    55,
    context.limits,
    'primer',
    { primer: false, kind: null, liftLevel: 'trained' },
    METHOD,
  );
  if (!template.ok) throw new Error('no template');
  const slots = template.value.template.slots.slice(0, 6).map((slot) => slotOptions(slot, context));
  return buildModel(slots, template.value.template, context).model;
}

describe('what a selection is worth', () => {
  it('does not depend on the way there: what is added and taken away leaves nothing behind', () => {
    const one = model();
    const pick = fc.tuple(fc.integer({ min: 0, max: 5 }), fc.nat(2000));
    fc.assert(
      fc.property(fc.array(pick, { minLength: 1, maxLength: 12 }), fc.array(pick, { maxLength: 6 }), (kept, tried) => {
        const at = ([slot, i]: readonly [number, number]) => {
          const options = one.slots[slot] ?? [];
          return options[i % options.length];
        };
        const straight = startTotals(one);
        const round = startTotals(one);
        for (const option of kept.map(at)) if (option) addTo(straight, option, 1);
        for (const option of tried.map(at)) if (option) addTo(round, option, 1);
        for (const option of kept.map(at)) if (option) addTo(round, option, 1);
        for (const option of tried.map(at)) if (option) addTo(round, option, -1);
        expect(pointsOf(one, round)).toBe(pointsOf(one, straight));
        expect(round).toEqual(straight);
      }),
      { numRuns: 40 },
    );
  });

  it.each([Infinity, 6])('one option more is worth what the sums say it is, with %s sets at most', (mostSets) => {
    const one = { ...model(), mostSets };
    const totals = startTotals(one);
    for (const options of one.slots)
      for (const option of options.slice(0, 3)) {
        const before = pointsOf(one, totals);
        const gain = gainOf(one, totals, option);
        addTo(totals, option, 1);
        expect(pointsOf(one, totals) - before).toBe(gain);
      }
  });

  it('takes the way to a group once, with whichever of it is chosen first, and gives it back with the last', () => {
    const one = { ...model(), groupCount: 2 };
    const [base] = one.slots[0]!;
    const of = (group: number, timeS: number) => ({ ...base!, group, groupS: 40, timeS, pattern: -1 });
    const [a, b, other] = [of(0, 100), of(0, 10), of(1, 1)];
    const totals = startTotals(one);
    const after = (option: typeof a, sign: 1 | -1) => {
      addTo(totals, option, sign);
      return totals.timeS;
    };
    expect([after(a, 1), after(b, 1), after(other, 1), after(a, -1), after(b, -1)]).toEqual([140, 150, 191, 91, 41]);
    expect([a, other].map((option) => secondsWith(totals, option))).toEqual([140, 1]);
  });

  it('is a whole number, so that equal briefs compare equal everywhere', () => {
    const one = model();
    const totals = startTotals(one);
    for (const [option] of one.slots) {
      if (option) addTo(totals, option, 1);
      expect(Number.isInteger(pointsOf(one, totals))).toBe(true);
    }
  });
});

describe('returns diminish', () => {
  it('for what a demand is covered: more is never worth less, and each set less than the one before', () => {
    for (const weight of [1, 2, 3, 4, 5]) {
      const table = coverageTable(weight, choice.coverageAt, choice.coverageSlope);
      const steps = Array.from(table.slice(1), (value, i) => value - (table[i] ?? 0));
      expect(steps.every((step, i) => step >= 0 && step <= (steps[i - 1] ?? Infinity))).toBe(true);
    }
  });
  it('for every bonus: first, second and third line, and nothing more', () => {
    const people = [
      athlete({ pastInjuries: [{ place: 'knee', guards: ['single-leg-squat-box'] }] }),
      athlete({ id: 'b', moment: { id: 'm', name: 'm', quality: 'power', muscles: [] } }),
    ];
    for (const { points } of bonusesOf(people, METHOD.settings)) {
      const steps = points.slice(1).map((value, i) => value - (points[i] ?? 0));
      expect(points[0]).toBe(0);
      expect(steps).toHaveLength(3);
      expect(steps.every((step, i) => step > 0 && step <= (steps[i - 1] ?? Infinity))).toBe(true);
    }
  });
});
