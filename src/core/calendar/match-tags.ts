import { addDays, daysBetween, type Day } from './day';

/** What of an event the match-day tags need. */
export interface EventDay {
  readonly day: Day;
  readonly kind: 'friendly' | 'league' | 'cup' | 'final';
}

/** How a day lies to an event: `before` n days, `after` n days, or on it. A friendly is kept apart by `friendly`. */
export interface MatchTag {
  readonly place: 'before' | 'on' | 'after';
  readonly days: number;
  readonly friendly: boolean;
  readonly eventDay: Day;
}

/**
 * The match-day tags of a day: the next event ahead (MD−n), the last one behind (MD+n), or MD itself.
 * Events on consecutive days are one: MD− counts from its first day, MD+ from its last (WEEK-7).
 * A friendly tags only the day before it and its own day (WEEK-2).
 * @param events any order, may repeat days
 * @param reach how many days ahead and behind are tagged
 * @example matchTags('2026-11-24', [{ day: '2026-11-28', kind: 'league' }], 10) // [{ place: 'before', days: 4, … }]
 */
export function matchTags(day: Day, events: readonly EventDay[], reach: number): MatchTag[] {
  const tags: MatchTag[] = [];
  for (const friendly of [false, true]) {
    const days = [...new Set(events.filter((e) => (e.kind === 'friendly') === friendly).map((e) => e.day))].sort();
    const runs = joinConsecutive(days);
    const on = runs.find((run) => run.first <= day && day <= run.last);
    if (on) {
      tags.push({ place: 'on', days: 0, friendly, eventDay: on.first });
      continue;
    }
    const next = runs.find((run) => run.first > day);
    const last = runs.findLast((run) => run.last < day);
    const aheadDays = next ? daysBetween(day, next.first) : Infinity;
    const behindDays = last ? daysBetween(last.last, day) : Infinity;
    if (next && aheadDays <= (friendly ? 1 : reach))
      tags.push({ place: 'before', days: aheadDays, friendly, eventDay: next.first });
    if (last && !friendly && behindDays <= reach)
      tags.push({ place: 'after', days: behindDays, friendly, eventDay: last.last });
  }
  return tags.sort((a, b) => a.days - b.days || (a.place < b.place ? -1 : 1));
}

/** Events on consecutive days as one (WEEK-7). @param daysSorted each day once, in order */
export function joinConsecutive(daysSorted: readonly Day[]): { first: Day; last: Day }[] {
  const runs: { first: Day; last: Day }[] = [];
  for (const day of daysSorted) {
    const run = runs.at(-1);
    if (run && addDays(run.last, 1) === day) run.last = day;
    else runs.push({ first: day, last: day });
  }
  return runs;
}
