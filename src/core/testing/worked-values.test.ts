import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { loadable } from '../dose';
import { jumpBudget } from '../jumps';
import {
  estimateOneRepMax,
  heightFromFlight,
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
