import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { at, gym, laid, saturdays, input } from '../../../tests/season-input';
import { seeded } from '../random';
import { compareLoads, fading, fitMemories, modelsIn, performance, plannedLoads, type TwoMemories } from '.';

const { whatIf } = METHOD.settings.trainingLoad;
const models = modelsIn(whatIf.ranges);
const truth: TwoMemories = { p0: 30, k1: 0.02, k2: 0.035, tau1: 45, tau2: 9 };
const season = Array.from({ length: 200 }, (_, i) => (i % 7 < 3 ? 500 + 100 * Math.sin(i / 9) : i % 7 === 5 ? 480 : 0));

describe('fitness and fatigue (method 15)', () => {
  it('is the sum as it is written', () => {
    const loads = [400, 0, 300, 500];
    const { p0, k1, k2, tau1, tau2 } = truth;
    const sum = (tau: number) => 400 * Math.exp(-3 / tau) + 0 * Math.exp(-2 / tau) + 300 * Math.exp(-1 / tau);
    expect(performance(loads, truth)[3]).toBeCloseTo(p0 + k1 * sum(tau1) - k2 * sum(tau2), 9);
    expect(fading(loads, 10)[0]).toBe(0);
  });

  it('a plan beside itself differs by nothing, and rest before an event lifts it while more work in it does not', () => {
    for (const { low, high } of compareLoads(season, season, models, false)) expect([low, high]).toEqual([0, 0]);
    const tapered = season.map((load, i) => (i > 185 ? load * 0.4 : load));
    const day = compareLoads(season, tapered, models, false).at(-1)!;
    expect(day.middle).toBeGreaterThan(0);
    const harder = season.map((load, i) => (i > 185 ? load * 1.6 : load));
    expect(compareLoads(season, harder, models, false).at(-1)!.middle).toBeLessThan(0);
  });

  it('low, middle and high stand in order, and nothing of the future bears on a day', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(900), { minLength: 5, maxLength: 40 }), fc.nat(900), (loads, more) => {
        const other = [...loads.slice(0, -1), more];
        for (const { low, middle, high } of compareLoads(loads, other, models, false)) {
          expect(low).toBeLessThanOrEqual(middle);
          expect(middle).toBeLessThanOrEqual(high);
          // only the last day's load differs
          expect([low, high]).toEqual([0, 0]);
        }
      }),
      { seed: 15, numRuns: 40 },
    );
  });

  it('finds what made the tests when they are many enough, and says nothing of fewer', () => {
    const curve = performance(season, truth);
    const noise = seeded(3);
    const tests = Array.from({ length: 14 }, (_, i) => {
      const on = 10 + i * 13;
      return { at: on, value: (curve[on] ?? 0) + (noise() - 0.5) * 0.4 };
    });
    const found = fitMemories(season, tests, whatIf.ranges, { least: whatIf.leastTests, draws: 10 }, seeded(1));
    if (!found.ok) throw new Error('not fitted');
    expect(found.value).toHaveLength(11);
    const fitted = performance(season, found.value[0]!);
    const width = Math.max(...curve) - Math.min(...curve);
    for (const { at: on } of tests) expect(Math.abs(fitted[on]! - curve[on]!) / width).toBeLessThan(0.02);
    expect(found.value.every(({ k1, k2 }) => k1 >= 0 && k2 >= 0)).toBe(true);
    const few = fitMemories(season, tests.slice(0, 7), whatIf.ranges, { least: 8, draws: 1 }, seeded(1));
    expect(few.ok ? null : few.issues[0]).toMatchObject({ code: 'too_few_tests', facts: { tests: 7, least: 8 } });
  });
});

it('a plan’s load counts sessions, practices and events; a lighter week asks less', () => {
  const over = { events: saturdays(13, 24), gymDays: gym(1, 4), end: at(25, 7) };
  const plan = laid(over);
  const of = input(over);
  const { loads } = plannedLoads(plan, of, METHOD.settings);
  expect(loads).toHaveLength(plan.weeks.length * 7);
  const week = (i: number) => loads.slice(7 * i, 7 * i + 7).reduce((sum, load) => sum + load, 0);
  const lighter = plan.weeks.findIndex(({ block }) => block.kind === 'lighter');
  expect(week(lighter)).toBeLessThan(week(lighter - 1));
  const practices = [{ id: 'p', weekday: 2, start: '20:00', minutes: 90, hardness: 6, jumps: 0, except: [] }];
  const more = plannedLoads(plan, { ...of, practices }, METHOD.settings).loads;
  expect(more[1]! - loads[1]!).toBe(540);
  const without = plannedLoads(plan, { ...of, events: [] }, METHOD.settings).loads;
  expect(loads[12 * 7 + 5]! - without[12 * 7 + 5]!).toBe(whatIf.event.minutes * whatIf.event.effort);
});
