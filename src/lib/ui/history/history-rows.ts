import { addDays, daysBetween, monthWord } from '$core/calendar';
import type { AthleteHistory } from '$lib/model/athlete-history';

/** Heights of the rows of the history, px, top to bottom: each has its own scale under one time axis. */
const HEIGHTS = { measured: 60, ladder: 40, sets: 54, mornings: 24, complaints: 20, load: 50 } as const;
const GAP = 20;
const TOP = 44;
export const LEFT = 138;
export const RIGHT = 124;

interface RowPlace {
  readonly top: number;
  readonly height: number;
}
export type HistoryRow = RowPlace &
  (
    | { readonly kind: 'measured' | 'ladder'; readonly index: number }
    | { readonly kind: 'sets' | 'mornings' | 'complaints' | 'load' }
  );

/** Weeks from which months are named, not Mondays. */
const MONTHS_FROM = 10;

/** Days named on the axis: first days of months, in a short time every other Monday; as a share of the width. */
export function ticksOf({
  from,
  to,
  weeks,
}: Pick<AthleteHistory, 'from' | 'to' | 'weeks'>): { at: number; name: string }[] {
  const days = daysBetween(from, addDays(to, 1));
  const many = weeks.length >= MONTHS_FROM;
  return Array.from({ length: days }, (_, n) => ({ n, day: addDays(from, n) }))
    .filter(({ n, day }) => (many ? day.endsWith('-01') : n % 14 === 0))
    .map(({ n, day }) => {
      const month = monthWord(day.slice(5, 7));
      const year = many && month === 'Jan' ? ` ${day.slice(0, 4)}` : '';
      return { at: n / days, name: many ? `${month}${year}` : `${String(Number(day.slice(8)))} ${month}` };
    });
}

/** The rows a history has, with their places; what has nothing to show takes no room. */
export function rowsOf(history: AthleteHistory): { readonly rows: readonly HistoryRow[]; readonly height: number } {
  const complaints = history.complaints ?? [];
  const wanted = [
    ...history.measured.map((_, index) => ({ kind: 'measured' as const, index, height: HEIGHTS.measured })),
    ...history.ladders.map((_, index) => ({ kind: 'ladder' as const, index, height: HEIGHTS.ladder })),
    ...(history.weeks.some(({ setsWritten }) => setsWritten > 0)
      ? [{ kind: 'sets' as const, height: HEIGHTS.sets }]
      : []),
    ...(history.mornings.length > 0 ? [{ kind: 'mornings' as const, height: HEIGHTS.mornings }] : []),
    ...(complaints.length > 0 ? [{ kind: 'complaints' as const, height: HEIGHTS.complaints * complaints.length }] : []),
    ...(history.weeks.some(({ load }) => load !== null) ? [{ kind: 'load' as const, height: HEIGHTS.load }] : []),
  ];
  let top = TOP;
  const rows = wanted.map((row): HistoryRow => {
    const placed = { ...row, top };
    top += row.height + GAP;
    return placed;
  });
  return { rows, height: Math.max(160, top + 8) };
}
