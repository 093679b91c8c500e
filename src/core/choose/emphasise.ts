import type { AthleteFacts } from '../athlete';
import { DEMANDS, type Sport } from '../library';

/** A jumper's own take-off weighs this much more (START-6). */
const JUMPER_POINTS = 1;
const JUMPS = { 'one-foot': 'vertical-jump-one-foot', 'two-foot': 'vertical-jump-two-foot' } as const;

/**
 * The sport as this squad needs it trained: its weights, raised by what its athletes work on first and by how they jump,
 * each by the share of the squad it concerns, to the nearest point.
 */
export function emphasise(sport: Sport, athletes: readonly AthleteFacts[]): Sport {
  if (athletes.every(({ focus, jumper }) => focus === null && jumper === null)) return sport;
  const demands = { ...sport.demands };
  for (const demand of DEMANDS) {
    const points = athletes.reduce(
      (sum, { focus, jumper }) =>
        sum +
        (focus?.emphasis[demand] ?? 0) +
        (jumper && JUMPS[jumper] === demand && sport.demands[demand] > 0 ? JUMPER_POINTS : 0),
      0,
    );
    demands[demand] += Math.round(points / athletes.length);
  }
  return { ...sport, demands };
}
