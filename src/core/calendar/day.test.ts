import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { expect, it, test } from 'vitest';
import { addDays, daysBetween, isDay, weekdayOf } from '.';

const day = fc
  .record({
    year: fc.integer({ min: 1, max: 9990 }),
    month: fc.integer({ min: 1, max: 12 }),
    day: fc.integer({ min: 1, max: 31 }),
  })
  .map((parts) => Temporal.PlainDate.from(parts, { overflow: 'constrain' }).toString());

it('reckons as the calendar library does', () => {
  fc.assert(
    fc.property(day, day, fc.integer({ min: -3000, max: 3000 }), (a, b, days) => {
      const [from, to] = [Temporal.PlainDate.from(a), Temporal.PlainDate.from(b)];
      expect(daysBetween(a, b)).toBe(from.until(to, { largestUnit: 'day' }).days);
      expect(weekdayOf(a)).toBe(from.dayOfWeek);
      const later = from.add({ days });
      if (later.year >= 0 && later.year <= 9999) expect(addDays(a, days)).toBe(later.toString());
    }),
    { seed: 2, numRuns: 500 },
  );
});

test.each([
  ['2024-02-29', true],
  ['2026-02-29', false],
  ['2000-02-29', true],
  ['1900-02-29', false],
  ['2026-04-31', false],
  ['2026-12-31', true],
  ['2026-00-10', false],
  ['2026-13-01', false],
  ['2026-01-00', false],
  ['2026-1-01', false],
  ['constructor', false],
])('%s is a day: %s', (text, is) => {
  expect(isDay(text)).toBe(is);
});

test('what is no day is refused, and so is one past the last', () => {
  for (const bad of ['2026-02-30', '', '2026-11-24T00:00'])
    for (const ask of [() => addDays(bad, 1), () => daysBetween(bad, '2026-11-24'), () => weekdayOf(bad)])
      expect(ask).toThrow(RangeError);
  expect(() => addDays('9999-12-31', 1)).toThrow(RangeError);
});
