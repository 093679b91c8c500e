import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { contractRelax, relaxAt } from '.';

describe('contract–relax (START-10, SAFE-9)', () => {
  it('eases in, presses with an effort that rises over 2 s, holds, lets go and goes further', () => {
    const plan = contractRelax(2, 8);
    expect(plan.ok && plan.value.map(({ kind, round, seconds }) => [kind, round, seconds])).toEqual([
      ['ease', 1, 10],
      ['ramp', 1, 2],
      ['hold', 1, 8],
      ['let-go', 1, 3],
      ['further', 1, 12],
      ['ramp', 2, 2],
      ['hold', 2, 8],
      ['let-go', 2, 3],
      ['further', 2, 12],
    ]);
  });

  test.each([
    [2, 5, 'hold_out_of_range'],
    [2, 11, 'hold_out_of_range'],
    [2, NaN, 'hold_out_of_range'],
    [1, 8, 'rounds_out_of_range'],
    [2.5, 8, 'rounds_out_of_range'],
  ])('%d rounds of %d s: %s', (rounds, hold, code) => {
    const plan = contractRelax(rounds, hold);
    expect(!plan.ok && plan.issues[0]?.code).toBe(code);
  });

  it('always stands somewhere until it is over, and never jumps in effort', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(2, 3),
        fc.integer({ min: 6, max: 10 }),
        fc.float({ min: 0, max: 200, noNaN: true }),
        (rounds, hold, at) => {
          const plan = contractRelax(rounds, hold);
          if (!plan.ok) throw new Error('no plan');
          const total = plan.value.reduce((sum, { seconds }) => sum + seconds, 0);
          const [now, soon] = [relaxAt(plan.value, at), relaxAt(plan.value, at + 0.05)];
          expect(now === null).toBe(at >= total);
          if (!now) return;
          expect(now.effort).toBeGreaterThanOrEqual(0);
          expect(now.effort).toBeLessThanOrEqual(1);
          // over 2 s at the fastest
          if (soon) expect(Math.abs(soon.effort - now.effort)).toBeLessThanOrEqual(0.05 / 2 + 1e-9);
        },
      ),
    );
  });
});
