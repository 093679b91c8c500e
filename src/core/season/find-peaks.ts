import { addDays, daysBetween, weekdayOf, type Day } from '../calendar';
import type { MethodSettings } from '../method';
import type { SeasonEvent } from './season-input';

/** A match to be at the best for, with the Mondays of its two weeks of less volume. */
export interface Peak {
  readonly event: SeasonEvent;
  readonly weeks: readonly [Day, Day];
}

/** An event on one of these weekdays leaves its own week no training before it. */
const EARLY_IN_WEEK = 3;

/**
 * The peaks of a season (PHASE-2): those the coach named, at most a few and well apart, the later of two that are too near;
 * without names one, where an event outweighs the rest. Its weeks are the event's and the one before, or the two before.
 * @param events any order
 */
export function findPeaks(events: readonly SeasonEvent[], { season }: MethodSettings): Peak[] {
  const inOrder = events.filter(({ kind }) => kind !== 'friendly').sort((a, b) => (a.day < b.day ? -1 : 1));
  const weightOf = ({ kind }: SeasonEvent): number => season.eventWeights[kind];
  const named = inOrder.filter(({ peak }) => peak);
  const heaviest = Math.max(...inOrder.map(weightOf));
  const outweighs = inOrder.some((event) => weightOf(event) < heaviest);
  const wanted =
    named.length > 0 ? named : outweighs ? inOrder.filter((event) => weightOf(event) === heaviest).slice(-1) : [];
  const kept: SeasonEvent[] = [];
  for (const event of wanted) {
    const before = kept.at(-1);
    if (before && daysBetween(before.day, event.day) < season.peakApartDays) {
      if (weightOf(before) > weightOf(event)) continue;
      kept.pop();
    }
    kept.push(event);
  }
  return kept.slice(-season.mostPeaks).map((event) => {
    const monday = addDays(event.day, 1 - weekdayOf(event.day));
    const last = weekdayOf(event.day) <= EARLY_IN_WEEK ? addDays(monday, -7) : monday;
    return { event, weeks: [addDays(last, -7), last] };
  });
}
