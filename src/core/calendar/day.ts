import { Temporal } from 'temporal-polyfill';

/** A calendar day without time or zone, as 'YYYY-MM-DD'. */
export type Day = string;

/**
 * Whether a text is a real calendar day written as YYYY-MM-DD.
 * @example isDay('2026-02-30') // false
 */
export function isDay(text: string): text is Day {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  try {
    Temporal.PlainDate.from(text, { overflow: 'reject' });
    return true;
  } catch {
    return false;
  }
}

/**
 * The day `days` after `day` (before, when negative).
 * @throws {RangeError} `day` is not a calendar day.
 * @example addDays('2026-02-28', 1) // '2026-03-01'
 */
export const addDays = (day: Day, days: number): Day => Temporal.PlainDate.from(day).add({ days }).toString();

/**
 * Whole days from `from` to `to`; negative when `to` lies before.
 * @throws {RangeError} one of them is not a calendar day.
 * @example daysBetween('2026-11-24', '2026-11-28') // 4
 */
export const daysBetween = (from: Day, to: Day): number =>
  Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to), { largestUnit: 'day' }).days;

/**
 * Day of the week, Monday 1 to Sunday 7.
 * @example weekdayOf('2026-11-24') // 2
 */
export const weekdayOf = (day: Day): number => Temporal.PlainDate.from(day).dayOfWeek;

/**
 * Completed years from a birth date to a day.
 * @example ageInYears('2010-11-25', '2026-11-24') // 15
 */
export const ageInYears = (birth: Day, on: Day): number =>
  Temporal.PlainDate.from(birth).until(Temporal.PlainDate.from(on), { largestUnit: 'year' }).years;
