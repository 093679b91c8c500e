import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { loadable } from '../dose';
import { jumpBudget } from '../jumps';
import {
  asymmetry,
  eccentricUtilisation,
  estimateOneRepMax,
  fitSprint,
  heightFromFlight,
  heightFromImpulse,
  jumpProfile,
  landingForce,
  limbSymmetry,
  noiseOf,
  peakPower,
  reactiveStrength,
  ONE_REP_MAX_FORMULAS,
  percentFor,
  summariseOneRepMax,
  takeOffVelocity,
} from '.';
import worked from '../../../tests/worked-values.json';

const near = (actual: number, expected: number): void => {
  expect(Math.abs(actual - expected) / Math.max(1e-9, Math.abs(expected))).toBeLessThan(1e-5);
};
const value = <T>(result: { ok: true; value: T } | { ok: false; issues: readonly unknown[] }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

describe('worked values', () => {
  it.each(worked.e1rm)('e1RM of $load kg × $reps by seven formulas', ({ load, reps, each, median }) => {
    for (const formula of ONE_REP_MAX_FORMULAS)
      near(value(estimateOneRepMax(formula, load, reps, 0, 12)), each[formula]);
    near(value(summariseOneRepMax(load, reps, 0, 12)).medianKg, median);
  });

  it.each(worked.e1rmWithReserve)(
    'e1RM of $load kg × $reps with $inReserve left',
    ({ load, reps, inReserve, epley }) => {
      const estimate = estimateOneRepMax('epley', load, reps, inReserve, 12);
      if (epley === null) expect(estimate.ok).toBe(false);
      else near(value(estimate), epley);
    },
  );

  it.each(worked.percentFor)('% for $reps reps with $inReserve left', ({ reps, inReserve, epleyShare }) => {
    near(value(percentFor('epley', reps, inReserve, 20)), epleyShare);
  });

  it.each(worked.jumpHeightFromFlight)('height of $flight_s s in the air', ({ flight_s, height_m }) => {
    near(value(heightFromFlight(flight_s)), height_m);
  });

  it.each(worked.takeoffVelocity)('take-off velocity of $height_m m', ({ height_m, velocity }) => {
    near(value(takeOffVelocity(height_m)), velocity);
  });

  it.each(worked.sayersPeakPower)('peak power of $height_m m at $mass_kg kg', ({ height_m, mass_kg, watts }) => {
    near(value(peakPower(height_m, mass_kg)), watts);
  });

  it.each(worked.rsi)('RSI of $flight_s s after $contact_s s', ({ flight_s, contact_s, ...expected }) => {
    const read = value(reactiveStrength(flight_s, contact_s));
    near(read.heightOverContact, expected.heightOverContact);
    near(read.flightOverContact, expected.flightOverContact);
  });

  it.each(worked.jumpForceVelocity)('jump profile over $pushOff_m m', ({ pushOff_m, points, ...expected }) => {
    const loads = points.map(({ systemMass_kg, height_m }) => ({ systemMassKg: systemMass_kg, heightM: height_m }));
    const profile = value(jumpProfile(loads, pushOff_m));
    near(profile.f0N, expected.F0_N);
    near(profile.v0, expected.V0);
    near(profile.pmaxW, expected.Pmax_W);
  });

  it.each(worked.sprint)('sprint of vmax $vmax, tau $tau', ({ vmax, tau, splits }) => {
    const fit = value(fitSprint(splits.map(({ distance_m, time_s }) => ({ distanceM: distance_m, timeS: time_s }))));
    expect(Math.abs(fit.vmax / vmax - 1)).toBeLessThan(1e-3);
    expect(Math.abs(fit.tau / tau - 1)).toBeLessThan(1e-3);
  });

  it.each(worked.landing)('landing of $mass_kg kg from $drop_m m', ({ mass_kg, drop_m, absorb_m, meanForce_N }) => {
    near(value(landingForce(mass_kg, drop_m, absorb_m)), meanForce_N);
  });

  it('typical error, smallest worthwhile and real change', () => {
    const { test: first, retest, ...expected } = worked.reliability;
    const noise = noiseOf(first.map((a, i) => [a, retest[i] ?? NaN]));
    near(noise?.typicalError ?? NaN, expected.typicalError);
    near(noise?.smallestWorthwhile ?? NaN, expected.smallestWorthwhile);
    near(1.64 * Math.SQRT2 * (noise?.typicalError ?? NaN), expected.realChange90);
  });

  it('a jump from its force trace', () => {
    const { mass_kg, rate_Hz, peak_N, takeoffVelocity, height_m } = worked.impulse;
    const weight = mass_kg * worked.g;
    const trace = Array.from({ length: 401 }, (_, i) => weight + (peak_N - weight) * Math.sin((Math.PI * i) / 400));
    const jump = value(heightFromImpulse(trace, rate_Hz, mass_kg));
    near(jump.takeOffVelocity, takeoffVelocity);
    near(jump.heightM, height_m);
  });

  it('ratios of jumps and sides', () => {
    const { cmj_m, sj_m, strongSide_m, weakSide_m, ...expected } = worked.ratios;
    near(value(eccentricUtilisation(cmj_m, sj_m)), expected.eur);
    near(value(limbSymmetry(strongSide_m, weakSide_m)), expected.limbSymmetry);
    expect(value(asymmetry(weakSide_m, strongSide_m))).toBeCloseTo(expected.asymmetry, 5);
  });

  it.each(worked.plates)('$target_kg kg on a full rack of plates', ({ target_kg, bar_kg, pairs_kg, loaded_kg }) => {
    expect(value(loadable(target_kg, { bar: bar_kg, pairs: pairs_kg.map((mass) => ({ mass, count: null })) }))).toBe(
      loaded_kg,
    );
  });

  it.each(worked.platesLimited)('limited plates, case %#', (plates) => {
    const target = plates.target_kg ?? plates.target_lb;
    const bar = plates.bar_kg ?? plates.bar_lb;
    const pairs = plates.pairs.map(([mass = 0, count = 0]) => ({ mass, count }));
    const expected = plates.loaded_kg ?? plates.loaded_lb ?? null;
    const result = loadable(target, { bar, pairs });
    expect(result.ok ? result.value : null).toBe(expected);
  });

  it.each(worked.jumpBudget)('contact budget of $jumpLevel, $phase', (c) => {
    const budget = jumpBudget(
      {
        jumpLevel: c.jumpLevel as 'trained',
        phase: c.phase as 'general',
        lighterWeek: c.lighterWeek ?? false,
        cautious: false,
        unfamiliarOrHardSurface: false,
        growth: c.growth ?? false,
        practiceJumps: 0,
      },
      METHOD,
    );
    expect(budget).toMatchObject({ target: c.target, limit: c.limit, rawCap: c.limit * 3 });
  });
});
