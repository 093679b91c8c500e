import { assert, double, property } from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { percentile } from '../statistics';
import {
  fitSprint,
  heightFromFrames,
  heightFromReach,
  jumpProfile,
  likelyRange,
  readChange,
  reactiveStrength,
  repeatedJumps,
  sprintProfile,
  timeAt,
} from '.';

const codes = (result: { ok: boolean; issues?: readonly { code: string }[] }): string[] =>
  result.issues?.map(({ code }) => code) ?? [];

describe('what cannot be is refused by name', () => {
  test.each([
    ['a contact of nothing', reactiveStrength(0.4, 0), 'contact_not_positive'],
    ['a landing before the take-off', heightFromFrames(80, 60, 120), 'landing_before_take_off'],
    ['a film without a rate', heightFromFrames(10, 60, 0), 'rate_not_positive'],
    ['a reach below standing', heightFromReach(2.3, 2.2), 'reach_below_standing'],
    ['four repeated jumps', repeatedJumps(Array(4).fill({ contactS: 0.2, flightS: 0.5 })), 'too_few_jumps'],
    [
      'three loads',
      jumpProfile(
        [50, 60, 70].map((m) => ({ systemMassKg: m, heightM: 0.3 })),
        0.4,
      ),
      'too_few_loads',
    ],
    [
      'heavier and higher',
      jumpProfile(
        [50, 60, 70, 80].map((m) => ({ systemMassKg: m, heightM: m / 100 })),
        0.4,
      ),
      'no_profile',
    ],
    [
      'splits that go back',
      fitSprint([5, 20, 10].map((distanceM) => ({ distanceM, timeS: distanceM / 5 }))),
      'splits_out_of_order',
    ],
  ])('%s', (_name, result, code) => {
    expect(codes(result)).toEqual([code]);
  });
});

it('finds the runner again, late start and all', () => {
  const runner = { vmax: double({ min: 6, max: 11, noNaN: true }), tau: double({ min: 0.8, max: 1.8, noNaN: true }) };
  assert(
    property(runner.vmax, runner.tau, double({ min: 0, max: 0.3, noNaN: true }), (vmax, tau, delay) => {
      const splits = [5, 10, 20, 30].map((distanceM) => ({ distanceM, timeS: timeAt(distanceM, vmax, tau) + delay }));
      const fit = fitSprint(splits);
      expect(fit.ok && Math.abs(fit.value.vmax / vmax - 1)).toBeLessThan(1e-3);
      expect(fit.ok && Math.abs(fit.value.delayS - delay)).toBeLessThan(1e-3);
    }),
    { numRuns: 60 },
  );
});

it('reads force, velocity and power of a sprint', () => {
  const profile = sprintProfile({ vmax: 9.5, tau: 1.3, delayS: 0, errorS: 0 }, 75, 1.8);
  expect(profile.ok && profile.value.f0N / 75).toBeCloseTo(7.4, 0);
  expect(profile.ok && profile.value.v0).toBeGreaterThan(9.5);
  expect(profile.ok && profile.value.drf).toBeLessThan(0);
});

it('takes the best five and the fall of the last two', () => {
  const jumps = [0.5, 0.52, 0.54, 0.53, 0.51, 0.45, 0.4].map((flightS) => ({ contactS: 0.2, flightS }));
  const read = repeatedJumps(jumps);
  const height = (t: number): number => (9.80665 * t ** 2) / 8 / 0.2;
  expect(read.ok && read.value.rsi).toBeCloseTo(
    [0.5, 0.52, 0.54, 0.53, 0.51].map(height).reduce((a, b) => a + b) / 5,
    9,
  );
  expect(read.ok && read.value.dropOff).toBeCloseTo(1 - (height(0.45) + height(0.4)) / 2 / height(0.54), 9);
});

it('states the error a frame rate leaves', () => {
  const [slow, fast] = [heightFromFrames(0, 15, 30), heightFromFrames(0, 120, 240)];
  expect(slow.ok && fast.ok && slow.value.heightM - fast.value.heightM).toBeCloseTo(0, 9);
  expect(slow.ok && slow.value.errorM).toBeGreaterThan(fast.ok ? 7 * fast.value.errorM : Infinity);
});

test.each([
  [0.4, 0.402, 'within the error'],
  [0.4, 0.411, 'likely'],
  [0.4, 0.42, 'real'],
])('a change from %d to %d is %s', (before, after, kind) => {
  expect(readChange(before, after, { typicalError: 0.007, smallestWorthwhile: null, own: true }).kind).toBe(kind);
});

it('asks about a value far from the last, by error or by share', () => {
  const noise = { typicalError: 0.03, smallestWorthwhile: null, own: false };
  expect(likelyRange(0.3, noise)[1]).toBeCloseTo(0.3 + 3 * Math.SQRT2 * 0.03, 9);
  expect(likelyRange(3, noise)[1]).toBeCloseTo(3.45, 9);
});

it('stands high when fast', () => {
  expect(percentile(3.0, [3.1, 3.2, 2.9, 3.0], 'lower')).toBe(62.5);
  expect(percentile(1, [], 'higher')).toBeNull();
});
