import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { fitLine, mean, median, percentile, sampleSd, quantile } from '.';

const numbers = (least: number) =>
  fc.array(fc.double({ min: -1e4, max: 1e4, noNaN: true }), { minLength: least, maxLength: 30 });

describe('middle and spread', () => {
  test.each([
    [[1, 3, 2], 2],
    [[4, 1, 3, 2], 2.5],
    [[7], 7],
  ])('the median of %o is %d', (values, middle) => {
    expect(median(values)).toBe(middle);
  });
  it('are NaN or unknown with too little to tell', () => {
    expect(mean([])).toBeNaN();
    expect(median([])).toBeNaN();
    expect(sampleSd([5])).toBeNull();
  });
  it('lie between the least and the most, and move with the values', () => {
    fc.assert(
      fc.property(numbers(2), fc.double({ min: -100, max: 100, noNaN: true }), (values, by) => {
        const moved = values.map((value) => value + by);
        for (const of of [mean, median]) {
          expect(of(values)).toBeGreaterThanOrEqual(Math.min(...values) - 1e-6);
          expect(of(values)).toBeLessThanOrEqual(Math.max(...values) + 1e-6);
          expect(of(moved)).toBeCloseTo(of(values) + by, 5);
        }
        expect(sampleSd(moved)).toBeCloseTo(sampleSd(values) ?? NaN, 5);
      }),
    );
  });
});

describe('a line through points', () => {
  it('finds the line the points lie on, with nothing left over', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: -100, max: 100 }), { minLength: 3, maxLength: 12 }),
        fc.integer({ min: -20, max: 20 }),
        fc.integer({ min: -50, max: 50 }),
        (xs, slope, intercept) => {
          const line = fitLine(xs.map((x) => [x, slope * x + intercept]));
          expect(line?.slope).toBeCloseTo(slope, 8);
          expect(line?.intercept).toBeCloseTo(intercept, 6);
          expect(line?.residualSd).toBeCloseTo(0, 5);
        },
      ),
    );
  });
  it('needs two points that differ in x', () => {
    expect(fitLine([[1, 2]])).toBeNull();
    expect(
      fitLine([
        [1, 2],
        [1, 3],
      ]),
    ).toBeNull();
    expect(
      fitLine([
        [1, 2],
        [2, 4],
      ])?.residualSd,
    ).toBeNull();
  });
});

describe('where a value stands among others', () => {
  test.each([
    [5, [1, 2, 3, 4], 'higher', 100],
    [0, [1, 2, 3, 4], 'higher', 0],
    [0, [1, 2, 3, 4], 'lower', 100],
    [2, [1, 2, 3], 'higher', 50],
    [2, [2, 2], 'lower', 50],
  ] as const)('%d among %o, %s is better: %d', (value, others, better, stands) => {
    expect(percentile(value, others, better)).toBe(stands);
  });
  it('is unknown with nobody to compare with', () => {
    expect(percentile(1, [], 'higher')).toBeNull();
  });
  it('turns round with what is better, and never falls as the value gets better', () => {
    fc.assert(
      fc.property(numbers(1), fc.double({ min: -1e4, max: 1e4, noNaN: true }), (others, value) => {
        const [up, down] = [percentile(value, others, 'higher') ?? NaN, percentile(value, others, 'lower') ?? NaN];
        expect(up + down).toBeCloseTo(100, 6);
        expect(percentile(value + 1, others, 'higher') ?? NaN).toBeGreaterThanOrEqual(up);
      }),
    );
  });
});

describe('a quantile', () => {
  it.each([
    [0.5, [3, 1, 2], 2],
    [0, [3, 1, 2], 1],
    [1, [3, 1, 2], 3],
    [0.25, [0, 1, 2, 3], 0.75],
    [0.9, [7], 7],
  ])('%d of %o is %d', (share, values, expected) => {
    expect(quantile(values, share)).toBeCloseTo(expected, 9);
  });
  it('of none there is none; it never falls with its share', () => {
    expect(() => quantile([], 0.5)).toThrow(RangeError);
    fc.assert(
      fc.property(numbers(1), fc.double({ min: 0, max: 0.5, noNaN: true }), (values, share) => {
        expect(quantile(values, share + 0.5)).toBeGreaterThanOrEqual(quantile(values, share));
      }),
    );
  });
});
