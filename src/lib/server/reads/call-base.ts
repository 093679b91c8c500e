import { weekdayOf } from '$core/calendar';
import { gymTimeOn } from '$core/season';
import { ruleWords, weekdayWord } from '$lib/messages';
import type { CallBase } from '$lib/model/call';
import { timesOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import type { CallRows } from './call-rows';

/** Everything Calls reads, and whether the reader may see health notes (SAFE-7). */
export interface Shown extends CallRows {
  readonly health: boolean;
}

export const nameIn =
  ({ library }: ClubContext) =>
  (id: string): string =>
    library.exercises.get(id)?.name ?? id;

/** What every call has: whose, by when, and the rules in words. */
export function callBase(
  squad: SquadRow,
  key: string,
  rules: readonly string[],
  { club }: Pick<Shown, 'club'>,
): CallBase {
  const today = gymTimeOn(club.today, timesOf(squad));
  const next = squad.gymDays
    .map((gym) => ({ gym, ahead: (gym.weekday - weekdayOf(club.today) + 7) % 7 || 7 }))
    .sort((a, b) => a.ahead - b.ahead)[0];
  const deadline = today ? `before ${today.start}` : next ? `by ${weekdayWord(next.gym.weekday, true)}` : 'soon';
  return { key, squad: squad.name, squadId: squad.id, deadline, rules, ruleWords: ruleWords(rules) };
}

export function group<T>(items: readonly T[], keyOf: (item: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()];
}
