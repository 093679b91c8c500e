import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { dose } from '../../../tests/fixtures';
import type { Dose } from '../dose';
import { seeded } from '../random';
import { partAt, setParts, shareStations, turnOrder } from '.';

describe('stations', () => {
  const people = fc.uniqueArray(
    fc.record({ id: fc.string({ minLength: 1 }), loadKg: fc.option(fc.integer({ min: 20, max: 200 })) }),
    { selector: (one) => one.id, maxLength: 40 },
  );

  it('shares everybody once, evenly, with neighbours in load together', () => {
    fc.assert(
      fc.property(people, fc.integer({ min: 1, max: 8 }), (athletes, stations) => {
        const groups = shareStations(athletes, stations);
        expect(groups.flat().sort()).toEqual(athletes.map(({ id }) => id).sort());
        const sizes = groups.map((group) => group.length);
        if (groups.length > 0) expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
        const load = (id: string) => athletes.find((one) => one.id === id)?.loadKg ?? 0;
        groups.slice(1).forEach((group, i) => {
          expect(Math.min(...group.map(load))).toBeGreaterThanOrEqual(Math.max(...groups[i]!.map(load)));
        });
      }),
      { seed: 4, numRuns: 80 },
    );
  });

  it('asks for at least one', () => {
    expect(() => shareStations([], 0)).toThrow(RangeError);
  });

  it('gives the turn to whoever has done fewest', () => {
    const wanted = new Map([
      ['a', 3],
      ['b', 3],
      ['c', 2],
    ]);
    expect(turnOrder(['a', 'b', 'c'], new Map(), wanted)).toEqual(['a', 'b', 'c']);
    expect(turnOrder(['a', 'b', 'c'], new Map([['a', 1]]), wanted)).toEqual(['b', 'c', 'a']);
    expect(
      turnOrder(
        ['a', 'b', 'c'],
        new Map([
          ['a', 3],
          ['b', 2],
          ['c', 2],
        ]),
        wanted,
      ),
    ).toEqual(['b']);
    expect(turnOrder(['a'], new Map([['a', 3]]), wanted)).toEqual([]);
  });
});

describe('seeded chance', () => {
  it('is the same for the same seed, between 0 and 1, and not for another', () => {
    const draw = (seed: number) => {
      const next = seeded(seed);
      return Array.from({ length: 50 }, next);
    };
    expect(draw(7)).toEqual(draw(7));
    expect(draw(7)).not.toEqual(draw(8));
    for (const value of draw(7)) {
      expect(value).toBeGreaterThanOrEqual(0);
      expect(value).toBeLessThan(1);
    }
  });
});

describe('a set of time by the clock (DOSE-8)', () => {
  const hold = dose({ sets: 2, amount: 40, unit: 'seconds', per: 'side', restSeconds: 60 });
  const read = (of: Dose, round = 0): string =>
    setParts(of, round)
      .map(({ kind, side, seconds }) => `${kind} ${String(side ?? '')} ${String(seconds)}`.replace('  ', ' '))
      .join(', ');

  test.each<[string, Dose, string]>([
    ['each side in turn', hold, 'work 1 40, work 2 40'],
    ['no sides', { ...hold, per: null }, 'work 40'],
    ['minutes', { ...hold, per: null, amount: 2, unit: 'minutes' }, 'work 120'],
    ['alternating', { ...hold, sides: 'alternate' }, 'work 80'],
    ['rest between', { ...hold, sides: 'apart' }, 'work 1 40, rest 60, work 2 40'],
    ['change at half', { ...hold, sides: 'half' }, 'work 1 20, work 2 20'],
    ['counted', { ...hold, unit: 'reps' }, ''],
    [
      'rounds of holds',
      { ...hold, per: null, amount: 8, pyramid: { holds: [3, 1], offS: 4 } },
      'work 8, let-go 4, work 8, let-go 4, work 8',
    ],
  ])('%s', (_, of, parts) => {
    expect(read(of)).toBe(parts);
  });

  it('the last round of holds is its own, and the clock ends with the set', () => {
    const pyramid: Dose = { ...hold, per: null, amount: 8, pyramid: { holds: [3, 1], offS: 4 } };
    expect(read(pyramid, 1)).toBe('work 8');
    const parts = setParts({ ...hold, sides: 'half' }, 0);
    expect(partAt(parts, 0)).toMatchObject({ part: { side: 1 }, leftS: 20 });
    expect(partAt(parts, 20)).toMatchObject({ part: { side: 2 }, leftS: 20 });
    expect(partAt(parts, 40)).toBeNull();
  });
});
