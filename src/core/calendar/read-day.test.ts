import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { longDate, tellDaysBy } from '$lib/messages';
import { addDays, DAY_ORDERS, readDay } from '.';

describe('a day as people write it', () => {
  test.each([
    ['2026-11-28', '2026-11-28'],
    [' 28 Nov 2026 ', '2026-11-28'],
    ['28. november 2026', '2026-11-28'],
    ['Nov 28, 2026', '2026-11-28'],
    ['September 3 2026', '2026-09-03'],
    ['28.11.2026', '2026-11-28'],
    ['5/6/2026', '2026-06-05'],
    ['11/28/2026', null],
    ['31 Feb 2026', null],
    ['28 Nox 2026', null],
    ['28 No 2026', null],
    ['28 Nov', null],
    ['31/31/2026', null],
    ['tomorrow', null],
    ['', null],
  ])('%j', (text, day) => {
    expect(readDay(text, 'day-first')).toBe(day);
  });

  test.each([
    ['5/6/2026', '2026-05-06'],
    ['11/28/2026', '2026-11-28'],
    ['28/11/2026', null],
    ['28 Nov 2026', '2026-11-28'],
    ['2026-11-28', '2026-11-28'],
  ])('%j where the month is first', (text, day) => {
    expect(readDay(text, 'month-first')).toBe(day);
  });

  test.each(DAY_ORDERS)('reads every day as the application writes it, %s', (order) => {
    tellDaysBy(() => order);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40_000 }), (days) => {
        const day = addDays('1990-01-01', days);
        expect(readDay(longDate(day), order)).toBe(day);
      }),
      { seed: 3, numRuns: 100 },
    );
    tellDaysBy(() => 'day-first');
  });
});
