import { monthWord, type DayOrder } from '$core/calendar';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const WEEKDAYS_LONG = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** A weekday, Monday 1 to Sunday 7. */
export const weekdayWord = (weekday: number, long = false): string =>
  (long ? WEEKDAYS_LONG : WEEKDAYS)[weekday - 1] ?? '';

/** Who reads the days says how: a browser by its page, a server by the request it answers. */
let orderNow: () => DayOrder = () => 'day-first';
export function tellDaysBy(order: () => DayOrder): void {
  orderNow = order;
}
export const dayOrder = (): DayOrder => orderNow();

/** `24 Nov`, or `Nov 24` where the club puts the month first: it is named, so that neither is taken for the other. */
export function shortDate(day: string): string {
  const [, month = '', date] = day.split('-');
  const words = [String(Number(date)), monthWord(month)];
  return (orderNow() === 'day-first' ? words : words.reverse()).join(' ');
}

/** `24 Nov 2026` or `Nov 24, 2026`, where the year may be another. */
export const longDate = (day: string): string =>
  `${shortDate(day)}${orderNow() === 'day-first' ? '' : ','} ${day.slice(0, 4)}`;

/** `Tue 24 Nov` from a calendar day and its weekday. */
export function dayWords(day: string, weekday: number): string {
  return `${weekdayWord(weekday)} ${shortDate(day)}`;
}

/** A day for whoever has to write one. */
export const sampleDay = (): string => longDate('2026-11-28');
