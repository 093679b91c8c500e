import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FOCUSES, START, TEST_SPECS } from '$catalog';
import { testRecord } from '../../../tests/fixtures';
import { assumedNoise, TIER_NAMES, type TestRecord } from '../testing';
import { NO_TARGETS, readStartLine, type StartInput } from '.';

const TODAY = '2026-11-24';
const record = (test: string, value: number, side: TestRecord['side'] = 'both', day = '2026-11-20'): TestRecord =>
  testRecord(test, value, { side, day });
const read = (records: readonly TestRecord[], own: Partial<StartInput> = {}) =>
  readStartLine(
    {
      records,
      today: TODAY,
      bodyMassKg: 75,
      ageYears: 24,
      sex: null,
      targets: NO_TARGETS,
      squatEnough: null,
      cuts: true,
      complaints: [],
      leans: 'unknown',
      squad: { rsiTest: 'rsi-10-5', rsi: [], eur: [] },
      noise: (spec, value) => assumedNoise(spec.assumed, value),
      ...own,
    },
    TEST_SPECS,
    START,
  );

/** Any results an athlete may have: each test there or not, passed or failed, on one side or both. */
const results = fc
  .array(
    fc.record({
      test: fc.constantFrom(...TEST_SPECS.keys()),
      good: fc.boolean(),
      side: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
      old: fc.boolean(),
    }),
    { maxLength: 40 },
  )
  .map((found) =>
    found.map(({ test, good, side, old }) => {
      const spec = TEST_SPECS.get(test)!;
      const [low, high] = spec.possible;
      const best = spec.better === 'higher' ? Math.min(high, low + 200) : low;
      const worst = spec.better === 'higher' ? low : high;
      return record(test, good ? best : worst, spec.sides ? side : 'both', old ? '2026-03-01' : '2026-11-20');
    }),
  );

describe('whatever the results are', () => {
  it('the limiting tier is the lowest that fails, and no unknown tier is a focus', () => {
    fc.assert(
      fc.property(results, (records) => {
        const { tiers, limiting, focus, lever } = read(records);
        expect(tiers.map(({ tier }) => tier)).toEqual(TIER_NAMES);
        expect(limiting).toBe(tiers.find(({ state }) => state === 'failed')?.tier ?? null);
        if (limiting) expect(lever).toBeNull();
        const of = focus && FOCUSES[focus].tier;
        // a lever may name a tier's own work when no tier fails
        if (limiting && of) expect(of).toBe(limiting);
        for (const { state, failed, missing } of tiers) {
          expect(state === 'failed').toBe(failed.length > 0);
          if (state === 'passed') expect(missing).toEqual([]);
          if (state === 'unknown') expect(missing.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('one more failure never moves the limiting tier up, and reading twice gives the same', () => {
    fc.assert(
      fc.property(results, fc.constantFrom('R1', 'R2', 'C2', 'C5', 'K1'), (records, test) => {
        const spec = TEST_SPECS.get(test)!;
        const bad = spec.better === 'higher' ? 0 : 8;
        const failure = (spec.sides ? (['left', 'right'] as const) : (['both'] as const)).map((side) =>
          record(test, bad, side, '2026-11-23'),
        );
        const place = (tier: string | null): number =>
          tier === null ? 9 : TIER_NAMES.findIndex((one) => one === tier);
        const [before, after] = [read(records), read([...records, ...failure])];
        expect(place(after.limiting)).toBeLessThanOrEqual(place(before.limiting));
        expect(read(records)).toEqual(before);
      }),
      { numRuns: 80 },
    );
  });

  it('the next test is one that may be done, and is not asked for when it stands', () => {
    fc.assert(
      fc.property(results, fc.integer({ min: 10, max: 30 }), (records, ageYears) => {
        const { next, outcomes } = read(records, { ageYears });
        for (const { test } of next) {
          const spec = TEST_SPECS.get(test);
          expect(spec?.fromYears === null || (spec?.fromYears ?? 99) <= ageYears).toBe(true);
          const outcome = outcomes.get(test);
          if (outcome && !outcome.stale && spec?.pass && !spec.sides) expect(outcome.state).toBe('unknown');
        }
      }),
      { numRuns: 100 },
    );
  });

  it('with a sore knee nothing all-out for the legs is asked for', () => {
    const complaints = [{ place: 'knee', side: null, score: 2, column: 'mild' as const }];
    fc.assert(
      fc.property(results, (records) => {
        const asked = read(records, { complaints }).next.map(({ test }) => test);
        expect(asked.filter((test) => /^(cmj|sj|approach|sprint|rsi|drop|C6|C7)/.test(test))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});
