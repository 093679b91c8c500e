import { addDays, daysBetween, joinConsecutive, type Day, type EventDay } from '../calendar';
import type { MethodSettings } from '../method';

/** Days from the first to the last event of a chain that leaves too little time between them. */
export interface Chain {
  readonly from: Day;
  readonly to: Day;
  /** too long to be an exception: the sport's rhythm (WEEK-7) */
  readonly rhythm: boolean;
}

/**
 * Chains of events with fewer whole days in between than recovery and a session need (WEEK-7). Friendlies do not count;
 * events on consecutive days are one. A Saturday to Wednesday is congested, a Saturday to Saturday is not.
 * @param events any order
 */
export function congestedChains(events: readonly EventDay[], { season }: MethodSettings): Chain[] {
  const days = [...new Set(events.filter(({ kind }) => kind !== 'friendly').map(({ day }) => day))].sort();
  const chains: { from: Day; to: Day }[] = [];
  let last: { first: Day; last: Day } | null = null;
  for (const run of joinConsecutive(days)) {
    const free = last ? daysBetween(last.last, run.first) - 1 : Infinity;
    const chain = chains.at(-1);
    if (last && free < season.congestedUnderDays) {
      if (chain?.to === last.last) chain.to = run.last;
      else chains.push({ from: last.first, to: run.last });
    }
    last = run;
  }
  return chains.map(({ from, to }) => ({ from, to, rhythm: daysBetween(from, to) + 1 > 7 * season.rhythmOverWeeks }));
}

/** How many days of the week that begins on `monday` lie in a congested chain, those of a rhythm left out. */
export const congestedDaysOf = (monday: Day, chains: readonly Chain[]): number =>
  [0, 1, 2, 3, 4, 5, 6].filter((ahead) => isCongested(addDays(monday, ahead), chains)).length;

/** Whether a day keeps the doses of a congested week, whatever its week is (WEEK-7). */
export const isCongested = (day: Day, chains: readonly Chain[]): boolean =>
  chains.some(({ from, to, rhythm }) => !rhythm && from <= day && day <= to);
