import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { seeded } from '../random';
import { fitSprint, heightFromFrames, jumpProfile, repeatedJumps, sprintProfile, timeAt } from '.';

const speed = fc.double({ min: 6, max: 11, noNaN: true });
const constant = fc.double({ min: 0.8, max: 1.8, noNaN: true });
const splitsOf = (vmax: number, tau: number, off = (): number => 0) =>
  [5, 10, 20, 30].map((distanceM) => ({ distanceM, timeS: timeAt(distanceM, vmax, tau) + off() }));

describe('a sprint', () => {
  it('is found again from its own splits, late start and all', () => {
    fc.assert(
      fc.property(speed, constant, fc.double({ min: 0, max: 0.3, noNaN: true }), (vmax, tau, late) => {
        const fit = fitSprint(splitsOf(vmax, tau, () => late));
        if (!fit.ok) throw new Error(JSON.stringify(fit.issues));
        expect(fit.value.vmax / vmax).toBeCloseTo(1, 2);
        expect(fit.value.tau / tau).toBeCloseTo(1, 2);
        expect(fit.value.delayS).toBeCloseTo(late, 2);
        expect(fit.value.errorS).toBeLessThan(0.002);
      }),
      { numRuns: 60 },
    );
  });
  it('says how far the splits lie off when a stopwatch was used', () => {
    const random = seeded(7);
    const errors = Array.from({ length: 30 }, () => {
      const fit = fitSprint(splitsOf(9, 1.3, () => (random() - 0.5) * 0.08));
      return fit.ok ? fit.value.errorS : 0;
    });
    expect(Math.max(...errors)).toBeGreaterThan(0.005);
  });
  it('passes later points later, and a faster runner sooner', () => {
    fc.assert(
      fc.property(speed, constant, fc.integer({ min: 2, max: 60 }), (vmax, tau, metres) => {
        expect(timeAt(metres + 1, vmax, tau)).toBeGreaterThan(timeAt(metres, vmax, tau));
        expect(timeAt(metres, vmax + 0.5, tau)).toBeLessThan(timeAt(metres, vmax, tau));
      }),
    );
  });
  test.each([
    [
      [
        [5, 1.4],
        [10, 2.2],
      ],
      'too_few_splits',
    ],
    [
      [
        [5, 1.4],
        [10, 2.2],
        [8, 2.6],
      ],
      'splits_out_of_order',
    ],
    [
      [
        [5, 1.4],
        [10, 1.3],
        [20, 3.4],
      ],
      'splits_out_of_order',
    ],
    [
      [
        [0, 0],
        [10, 2.2],
        [20, 3.4],
      ],
      'splits_out_of_order',
    ],
  ] as const)('of %o is %s', (splits, code) => {
    const fit = fitSprint(splits.map(([distanceM, timeS]) => ({ distanceM, timeS })));
    expect(!fit.ok && fit.issues[0]?.code).toBe(code);
  });
  it('has force, speed and power that hang together', () => {
    fc.assert(
      fc.property(speed, constant, fc.integer({ min: 50, max: 110 }), (vmax, tau, massKg) => {
        const profile = sprintProfile({ vmax, tau, delayS: 0, errorS: 0 }, massKg, 1.8);
        if (!profile.ok) throw new Error('no profile');
        const { f0N, v0, pmaxW, rfMax, drf } = profile.value;
        expect(pmaxW).toBeCloseTo((f0N * v0) / 4, 0);
        expect(v0).toBeGreaterThan(vmax * 0.95);
        expect(rfMax).toBeGreaterThan(0);
        expect(rfMax).toBeLessThan(1);
        expect(drf).toBeLessThan(0);
      }),
      { numRuns: 50 },
    );
  });
});

describe('loaded jumps', () => {
  it('need four loads, in any order, and give the same profile in every order', () => {
    const jumps = [
      { systemMassKg: 75, heightM: 0.38 },
      { systemMassKg: 95, heightM: 0.27 },
      { systemMassKg: 115, heightM: 0.18 },
      { systemMassKg: 135, heightM: 0.11 },
    ];
    const straight = jumpProfile(jumps, 0.38);
    const turned = jumpProfile([...jumps].reverse(), 0.38);
    expect(straight.ok && turned.ok && Math.abs(straight.value.f0N - turned.value.f0N) < 1e-6).toBe(true);
    const few = jumpProfile(jumps.slice(0, 3), 0.38);
    expect(few.ok).toBe(false);
  });
});

describe('repeated jumps', () => {
  const jump = (contactS: number, flightS: number) => ({ contactS, flightS });
  it('take the mean of the best five, wherever they come', () => {
    const good = Array.from({ length: 5 }, () => jump(0.2, 0.5));
    const poor = Array.from({ length: 5 }, () => jump(0.3, 0.4));
    const [first, last] = [repeatedJumps([...good, ...poor]), repeatedJumps([...poor, ...good])];
    expect(first.ok && last.ok && first.value.rsi).toBeCloseTo(last.ok ? last.value.rsi : NaN, 9);
    expect(first.ok && (first.value.dropOff ?? 0) > 0.3).toBe(true);
    expect(last.ok && last.value.dropOff).toBeCloseTo(0, 6);
  });
  it('refuse a contact of nothing', () => {
    const read = repeatedJumps([jump(0, 0.5), ...Array.from({ length: 5 }, () => jump(0.2, 0.5))]);
    expect(!read.ok && read.issues[0]?.code).toBe('contact_not_positive');
  });
});

it('a film’s height lies within its own error of the true one, whatever frame the feet left in', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.25, max: 0.8, noNaN: true }),
      fc.constantFrom(30, 60, 120, 240),
      fc.double({ min: 0, max: 0.99, noNaN: true }),
      (flightS, rate, start) => {
        const takeOff = Math.floor(start * rate);
        const landing = Math.floor((start + flightS) * rate);
        if (landing <= takeOff) return;
        const read = heightFromFrames(takeOff, landing, rate);
        if (!read.ok) throw new Error('no height');
        const truth = (9.80665 * flightS ** 2) / 8;
        expect(Math.abs(read.value.heightM - truth)).toBeLessThanOrEqual(read.value.errorM + 1e-9);
      },
    ),
  );
});
