import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { METHOD } from '$catalog';
import { outputFall, restStep, stopsSelfPaced } from '.';

const rule = METHOD.settings.rest.selfPaced;
const sets = (...outputs: (number | null)[]) => outputs.map((output) => ({ output }));

describe('what the outputs of jumps say of their rest (REST-2)', () => {
  test.each<[string, number | null, (number | null)[]]>([
    ['the worst later set counts', 0.125, [0.4, 0.35, 0.38]],
    ['a rise is no fall', 0, [0.4, 0.42]],
    ['what was not counted is left out', 0.25, [0.4, null, 0.3]],
    ['one set says nothing', null, [0.4]],
    ['nor none', null, [null, null]],
  ])('%s', (_, fall, outputs) => {
    const found = outputFall(sets(...outputs));
    if (fall === null) expect(found).toBeNull();
    else expect(found).toBeCloseTo(fall, 9);
  });

  const dose = (restSeconds: number | null, amount = 5) => ({ restSeconds, amount });
  const step = (
    ...args: Parameters<typeof restStep> extends [infer D, infer F, infer S, unknown] ? [D, F, S] : never
  ) => restStep(...args, METHOD);

  test.each([
    ['a fall above 10 % gives half a minute', 90, [[0.12]], 'full', { kind: 'rest-up', restSeconds: 120 }],
    ['up to three minutes', 165, [[0.12]], 'full', { kind: 'rest-up', restSeconds: 180 }],
    ['then a fifth of the reps less', 180, [[0.2]], 'full', { kind: 'reps-down', restSeconds: 180, amount: 4 }],
    ['out of the dense band too', 60, [[0.12]], 'dense', { kind: 'rest-up', restSeconds: 90 }],
    ['10 % is not above it', 90, [[0.1]], 'full', null],
    ['half of a squad is enough', 90, [[0.12], [0.02]], 'full', { kind: 'rest-up', counted: 2, of: 1 }],
    ['a third is not', 90, [[0.12], [0.02], [0.05]], 'full', null],
    ['who was not counted has no say', 90, [[0.12], [null], [null]], 'full', { kind: 'rest-up', counted: 1 }],
    [
      'held twice in a row when dense: a quarter less',
      45,
      [[0.02, 0.01]],
      'dense',
      { kind: 'rest-down', restSeconds: 30 },
    ],
    ['never under half a minute', 30, [[0.02, 0.01]], 'dense', null],
    ['held once is not twice', 45, [[0.02, null]], 'dense', null],
    ['nor with full rest', 90, [[0.02, 0.01]], 'full', null],
    ['without counts nothing moves', 90, [[null], [null]], 'full', null],
    ['self-paced has no rest to move', null, [[0.3]], 'self-paced', null],
  ] as const)('%s', (_, rest, falls, school, wanted) => {
    const found = step(dose(rest), falls, school);
    if (wanted === null) expect(found).toBeNull();
    else expect(found).toMatchObject(wanted);
  });

  it('stays within its bounds whatever was measured', () => {
    const fall = fc.option(fc.double({ min: 0, max: 0.9, noNaN: true }));
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 180 }),
        fc.integer({ min: 1, max: 12 }),
        fc.array(fc.array(fall, { minLength: 1, maxLength: 2 }), { maxLength: 20 }),
        fc.constantFrom('full', 'dense', 'self-paced' as const),
        (rest, amount, falls, school) => {
          const found = step(dose(rest, amount), falls, school);
          if (!found) return;
          expect(found.restSeconds).toBeGreaterThanOrEqual(30);
          expect(found.restSeconds).toBeLessThanOrEqual(180);
          expect(found.amount).toBeGreaterThanOrEqual(1);
          expect(found.restSeconds !== rest || found.amount < amount).toBe(true);
        },
      ),
    );
  });
});

describe('self-paced jumps stop (REST-3)', () => {
  test.each<[string, (number | null)[], number, 'tired' | 'enough' | null]>([
    ['after two in a row more than 5 % under the best', [0.5, 0.47, 0.46], 3, 'tired'],
    ['not after one', [0.5, 0.46], 2, null],
    ['not when a good one lies between', [0.5, 0.46, 0.49, 0.46], 4, null],
    ['5 % is not more', [0.4, 0.38, 0.38], 3, null],
    ['unmeasured at twelve', [null, null], 12, 'enough'],
    ['and not before', [null, null], 11, null],
    ['measured ones go on', [0.4], 14, null],
  ])('%s', (_, outputs, attempts, wanted) => {
    expect(stopsSelfPaced(outputs, attempts, rule)).toBe(wanted);
  });
});
