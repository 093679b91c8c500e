import type { Day } from '../calendar';
import type { SetFact } from './facts';

/** What an exposure is made of: the sets of one line of one session. */
export interface Bout {
  readonly day: Day;
  readonly sets: readonly [SetFact, ...SetFact[]];
}

/** The sets as they stand: of several taps on one set the one done last, none where that one took it back. */
export function boutsOf(sets: readonly SetFact[]): Bout[] {
  const latest = new Map<string, SetFact>();
  for (const set of sets) {
    const key = `${set.sessionId} ${set.slot} ${String(set.setNumber)}`;
    const before = latest.get(key);
    if (!before || isLater(set, before)) latest.set(key, set);
  }
  const bouts = new Map<string, SetFact[]>();
  for (const set of latest.values()) {
    if (set.removed) continue;
    const key = `${set.sessionId} ${set.slot} ${set.exerciseId} ${set.row}`;
    const own = bouts.get(key);
    if (own) own.push(set);
    else bouts.set(key, [set]);
  }
  return [...bouts.values()].flatMap((own) => {
    const [first, ...rest] = own.sort((a, b) => a.setNumber - b.setNumber);
    return first ? [{ day: first.day, sets: [first, ...rest] }] : [];
  });
}

const isLater = (a: SetFact, b: SetFact): boolean => (a.doneAt === b.doneAt ? a.id > b.id : a.doneAt > b.doneAt);
