import type { AthleteFacts } from '../../athlete';
import { DEMANDS, type Sport } from '../../library';
import type { MethodTables } from '../../method';

const JUMPS = { 'one-foot': 'vertical-jump-one-foot', 'two-foot': 'vertical-jump-two-foot' } as const;

/**
 * The sport as this squad needs it trained: its weights, raised by what its athletes work on first and by how they jump,
 * lowered where a lift is strong enough, each by the share of the squad it concerns, to the nearest point.
 */
export function emphasise(
  sport: Sport,
  athletes: readonly AthleteFacts[],
  { jumperPoints, enoughPoints }: MethodTables['settings']['choice'],
): Sport {
  if (athletes.every(({ focus, jumper, atCeiling }) => focus === null && jumper === null && atCeiling.length === 0))
    return sport;
  const demands = { ...sport.demands };
  for (const demand of DEMANDS) {
    const points = athletes.reduce(
      (sum, { focus, jumper, atCeiling }) =>
        sum +
        (focus?.emphasis[demand] ?? 0) +
        (jumper && JUMPS[jumper] === demand && sport.demands[demand] > 0 ? jumperPoints : 0) -
        (demand === 'max-strength' && atCeiling.length > 0 ? enoughPoints : 0),
      0,
    );
    demands[demand] = Math.max(0, demands[demand] + Math.round(points / athletes.length));
  }
  return { ...sport, demands };
}
