import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { METHOD } from '$catalog';
import worked from '../../../tests/worked-values.json';
import { ewma, loadFlags, weekLoad, type WeekLoad } from '.';

const { trainingLoad } = METHOD.settings;
const TOLERANCE = 4;

describe('a week’s load (method 12)', () => {
  it('total, monotony and strain as worked out by hand', () => {
    const { daily, total, monotonySampleSD, strainSampleSD } = worked.weekLoad;
    const week = weekLoad(daily);
    expect(week).toMatchObject({ total, atLeast: false });
    expect(week.monotony).toBeCloseTo(monotonySampleSD, TOLERANCE);
    expect(week.strain).toBeCloseTo(strainSampleSD, 2);
  });

  it('every day the same has no monotony, and an unknown day none either: never 0', () => {
    const { daily, total, monotony, strain } = worked.weekLoadFlat;
    expect(weekLoad(daily)).toEqual({ total, atLeast: false, monotony, strain });
    expect(weekLoad(worked.weekLoadUnknown.daily)).toEqual({
      total: 1050,
      atLeast: true,
      monotony: null,
      strain: null,
    });
    expect(weekLoad([null, null])).toEqual({ total: 0, atLeast: true, monotony: null, strain: null });
  });

  it('averages that fade, across days that are unknown', () => {
    expect(ewma(worked.ewma.daily, 7)).toBeCloseTo(worked.ewma.acute7, TOLERANCE);
    expect(ewma(worked.ewma.daily, 28)).toBeCloseTo(worked.ewma.chronic28, TOLERANCE);
    expect(ewma(worked.ewmaWithGaps.daily, worked.ewmaWithGaps.N)).toBeCloseTo(worked.ewmaWithGaps.last, TOLERANCE);
    expect(ewma([null, null], 7)).toBeNull();
  });

  it('a fading average lies between the least and the most of its days', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(900), { minLength: 1, maxLength: 60 }), fc.constantFrom(7, 28), (daily, days) => {
        const found = ewma(daily, days)!;
        expect(found).toBeGreaterThanOrEqual(Math.min(...daily) - 1e-9);
        expect(found).toBeLessThanOrEqual(Math.max(...daily) + 1e-9);
      }),
      { seed: 12, numRuns: 100 },
    );
  });

  const week = (own: Partial<WeekLoad>): WeekLoad => ({
    total: 1000,
    atLeast: false,
    monotony: 1.5,
    strain: 1500,
    ...own,
  });
  test.each([
    ['as before', {}, [1000, 1000, 1000, 1000], []],
    ['a third more', { total: 1301 }, [1000, 1000, 1000, 1000], ['LOAD-1']],
    ['exactly 1.3 times', { total: 1300 }, [1000, 1000, 1000, 1000], []],
    ['monotonous above the mean', { total: 1001, monotony: 2.1 }, [1000, 1000, 1000, 1000], ['LOAD-2']],
    ['monotonous, not above the mean', { total: 1000, monotony: 2.1 }, [1000, 1000, 1000, 1000], []],
    ['the same every day, above the mean', { total: 1100, monotony: null }, [1000, 1000, 1000, 1000], ['LOAD-2']],
    [
      'a day unknown says nothing of monotony',
      { total: 1100, monotony: null, atLeast: true },
      [1000, 1000, 1000, 1000],
      [],
    ],
    [
      'at least so much is a rise all the same',
      { total: 1400, monotony: null, atLeast: true },
      [1000, 1000, 1000, 1000],
      ['LOAD-1'],
    ],
    ['three weeks are too few', { total: 2000, monotony: 3 }, [1000, 1000, 1000, null], []],
  ] as const)('%s', (_name, own, before, flags) => {
    expect(loadFlags(week(own), before, trainingLoad)).toEqual(flags);
  });
});
