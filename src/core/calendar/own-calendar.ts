import type { Phase } from '../library';
import type { Day } from './day';
import type { EventDay, MatchTag } from './match-tags';
import { matchTags } from './match-tags';

/** Days from one to another, both of them included. */
export interface Span {
  readonly from: Day;
  readonly to: Day;
}

/** A squad's event as one athlete had it. */
export interface Appearance {
  readonly day: Day;
  readonly selected: boolean;
  /** played; null = not known */
  readonly minutes: number | null;
}

/** What an athlete's calendar holds beside the squad's, and what was trained with another squad before a session. */
export interface OwnCalendar {
  /** events played with others: a call-up, another squad's matches */
  readonly elsewhere: readonly EventDay[];
  /** the squad's events of which something is known; any other is taken as played, its minutes unknown */
  readonly had: readonly Appearance[];
  /** days with less of everything, as exams are */
  readonly lighter: readonly Span[];
  /** tier-weighted contacts of an earlier session the same day with another squad */
  readonly contactsToday: number;
  /** heavy work for the legs with another squad less than two days behind */
  readonly heavyBefore: boolean;
  /** this week's hard sets before this session with all squads; null = trained with one only */
  readonly sharedWeek: SharedWeek | null;
  /** what lines came to with another squad less than a week ago, by entry and row */
  readonly stepped: Readonly<Record<string, SteppedTo>>;
}

/** A week that squads share an athlete in: hard sets led by knee and hip so far, and the phases the squads are in. */
export interface SharedWeek {
  readonly knee: number;
  readonly hip: number;
  readonly phases: readonly Phase[];
}

/** Sets and reps (or seconds) that a squad's step came to. */
export interface SteppedTo {
  readonly sets: number;
  readonly amount: number;
}

export const isWithin = (day: Day, spans: readonly Span[]): boolean =>
  spans.some(({ from, to }) => from <= day && day <= to);

/**
 * An athlete's own match-day tags (WEEK-4, WEEK-7): an event not selected for gives none, one played elsewhere gives its
 * own, and the day after one played for a short time is no recovery.
 * @param shortMinutes fewer minutes than this are no match
 */
export function ownTags(
  day: Day,
  events: readonly EventDay[],
  { elsewhere, had }: Pick<OwnCalendar, 'elsewhere' | 'had'>,
  { reach, shortMinutes }: { readonly reach: number; readonly shortMinutes: number },
): { tags: MatchTag[]; recovers: boolean } {
  const left = new Set(had.filter(({ selected }) => !selected).map((one) => one.day));
  const attended = [...events.filter((event) => !left.has(event.day)), ...elsewhere];
  const tags = matchTags(day, attended, reach);
  const away = new Set(elsewhere.map((event) => event.day));
  const short = new Set(
    had.filter((one) => one.minutes !== null && one.minutes < shortMinutes && !away.has(one.day)).map((one) => one.day),
  );
  return { tags, recovers: !tags.some(({ place, eventDay }) => place === 'after' && short.has(eventDay)) };
}
