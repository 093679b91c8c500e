import { isDay, type Day } from './day';
import { MONTHS } from './months';

/** Which of two bare numbers is the day, and how a day with its month's name is told. */
export const DAY_ORDERS = ['day-first', 'month-first'] as const;
export type DayOrder = (typeof DAY_ORDERS)[number];

/**
 * A day as people write it: `2026-11-28`, `28 Nov 2026`, `Nov 28, 2026`, `28.11.2026`, `28/11/2026`.
 * @param order of two bare numbers. It is never guessed from the numbers: a list in the other order is refused at
 * `11/28/2026`, rather than read wrongly at `5/6/2026`
 * @returns null when it is none
 */
export function readDay(text: string, order: DayOrder): Day | null {
  const bare = text.trim().toLowerCase();
  if (isDay(bare)) return bare;
  const named =
    /^(\d{1,2})\.? +([a-z]{3,9})\.?,? +(\d{4})$/.exec(bare) ??
    swapped(/^([a-z]{3,9})\.? +(\d{1,2}),? +(\d{4})$/.exec(bare));
  if (named) return dayOf(named[3], monthOf(named[2]), named[1]);
  const [, first, second, year] = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/.exec(bare) ?? [];
  return order === 'day-first' ? dayOf(year, second, first) : dayOf(year, first, second);
}

const swapped = (found: RegExpExecArray | null): (string | undefined)[] | null =>
  found && [found[0], found[2], found[1], found[3]];

function monthOf(word = 'none'): string {
  const at = MONTHS.findIndex((month) => month.toLowerCase().startsWith(word));
  return String(at + 1);
}

function dayOf(year = '', month = '', date = ''): Day | null {
  const day = `${year}-${month.padStart(2, '0')}-${date.padStart(2, '0')}`;
  return isDay(day) ? day : null;
}
