import { MUSCLES, type Exercise, type Muscle } from '../library';
import type { MethodSettings } from '../method';
import type { Finding } from '../result';
import { isComplex } from '../session';
import { groupLines } from './timeline';

/** Muscles that do a quarter or more of an entry's work. */
export const primeMovers = (exercise: Exercise, settings: MethodSettings): Muscle[] =>
  MUSCLES.filter((muscle) => (exercise.share[muscle] ?? 0) >= settings.count.primeMoverShare);

/** Longer than this a group is a circuit: what comes a few stations later has had its rest. */
const CIRCUIT_FROM = 4;

/**
 * ORD-3: entries of one pair or triple that share a prime mover, each named once; in a circuit those that follow each other.
 * @param lines in the order they are done
 */
export function checkPairs(
  lines: readonly {
    readonly group: string | null;
    readonly slot: string;
    readonly block: string;
    readonly exercise: Exercise;
  }[],
  settings: MethodSettings,
): Finding[] {
  // getting warm tires nobody
  const groups = groupLines(lines.filter(({ block }) => block !== 'prep'));
  // one movement made of parts tires what it is there to tire
  return groups
    .filter(([first]) => !isComplex(first?.group))
    .flatMap((group) =>
      group.flatMap((a, i) =>
        (group.length < CIRCUIT_FROM ? group.slice(i + 1) : group.slice(i + 1, i + 2)).flatMap((b): Finding[] => {
          const shared = primeMovers(a.exercise, settings).find((m) => primeMovers(b.exercise, settings).includes(m));
          if (!shared) return [];
          return [
            {
              severity: 'note',
              code: 'pair_shares_mover',
              rules: ['ORD-3'],
              facts: { slot: a.slot, a: a.exercise.name, b: b.exercise.name, muscle: shared },
            },
          ];
        }),
      ),
    );
}
