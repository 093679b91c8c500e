/** A calendar day without time or zone, as 'YYYY-MM-DD'. */
export type Day = string;

/**
 * Whether a text is a real calendar day written as YYYY-MM-DD.
 * @example isDay('2026-02-30') // false
 */
export function isDay(text: string): text is Day {
  const parts = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  if (!parts) return false;
  const [year, month, day] = [Number(parts[1]), Number(parts[2]), Number(parts[3])];
  if (month < 1 || month > 12 || day < 1) return false;
  const leap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
  const longest = month === 2 ? (leap ? 29 : 28) : [4, 6, 9, 11].includes(month) ? 30 : 31;
  return day <= longest;
}

/** Days since 0000-03-01 of the few hundred days a program works with: a season's rules ask for them thousands of times. */
const numbers = new Map<Day, number>();
const MOST_KNOWN = 20_000;

function numberOf(day: Day): number {
  const known = numbers.get(day);
  if (known !== undefined) return known;
  const isReal: boolean = isDay(day);
  if (!isReal) throw new RangeError(`day must be a calendar day, got ${day}`);
  const number = countDays(Number(day.slice(0, 4)), Number(day.slice(5, 7)), Number(day.slice(8)));
  if (numbers.size >= MOST_KNOWN) numbers.clear();
  numbers.set(day, number);
  return number;
}

/** Days of 400 years, of 100, of 4: a year that begins in March ends with its leap day. */
const [ERA, CENTURY, FOUR] = [146_097, 36_524, 1_461] as const;

function countDays(year: number, month: number, day: number): number {
  const y = month > 2 ? year : year - 1;
  const inYear = Math.floor((153 * (month > 2 ? month - 3 : month + 9) + 2) / 5) + day - 1;
  return 365 * y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400) + inYear;
}

function dayOfNumber(number: number): string {
  const era = Math.floor(number / ERA);
  const inEra = number - era * ERA;
  const yearInEra = Math.floor(
    (inEra - Math.floor(inEra / (FOUR - 1)) + Math.floor(inEra / CENTURY) - Math.floor(inEra / (ERA - 1))) / 365,
  );
  const inYear = inEra - (365 * yearInEra + Math.floor(yearInEra / 4) - Math.floor(yearInEra / 100));
  const shifted = Math.floor((5 * inYear + 2) / 153);
  const day = inYear - Math.floor((153 * shifted + 2) / 5) + 1;
  const month = shifted < 10 ? shifted + 3 : shifted - 9;
  const year = yearInEra + era * 400 + (month <= 2 ? 1 : 0);
  return `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

/**
 * The day `days` after `day` (before, when negative).
 * @throws {RangeError} `day` is not a calendar day, or the result lies beyond the years 0 to 9999.
 * @example addDays('2026-02-28', 1) // '2026-03-01'
 */
export function addDays(day: Day, days: number): Day {
  const found = dayOfNumber(numberOf(day) + days);
  if (found.length !== 10 || found.startsWith('-'))
    throw new RangeError(`addDays: result must be a calendar day, got ${found}`);
  return found;
}

/**
 * Whole days from `from` to `to`; negative when `to` lies before.
 * @throws {RangeError} one of them is not a calendar day.
 * @example daysBetween('2026-11-24', '2026-11-28') // 4
 */
export const daysBetween = (from: Day, to: Day): number => numberOf(to) - numberOf(from);

/**
 * Day of the week, Monday 1 to Sunday 7.
 * @example weekdayOf('2026-11-24') // 2
 */
export const weekdayOf = (day: Day): number => ((((numberOf(day) + 2) % 7) + 7) % 7) + 1;

/**
 * Completed years from a birth date to a day; who was born on 29 February is a year older on 1 March.
 * @example ageInYears('2010-11-25', '2026-11-24') // 15
 */
export const ageInYears = (birth: Day, on: Day): number =>
  Number(on.slice(0, 4)) - Number(birth.slice(0, 4)) - (on.slice(5) < birth.slice(5) ? 1 : 0);
