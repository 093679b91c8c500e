import type { EngineModel } from './model';
import { gainOf, pointsOf, pointsWith, type Totals } from './objective';
import { exchange, forItsTime, optionAt } from './selection';

/** Best options of a slot that take part in the pairwise exchange: more where there are few slots to pair. */
const PAIR_WIDTH = 5;
const WIDE_PAIR_WIDTH = 12;
const FEW_SLOTS = 8;

/** For each slot in turn the best change of it together with one other, taken at once. */
export function bestPairs(
  model: EngineModel,
  picks: number[],
  totals: Totals,
  from: number,
  order: readonly number[],
): number {
  let points = from;
  const width = order.length <= FEW_SLOTS ? WIDE_PAIR_WIDTH : PAIR_WIDTH;
  const short = new Map(order.map((slot) => [slot, shortlist(model, picks, totals, slot, width)]));
  for (const [at, a] of order.entries()) {
    let best: readonly (readonly [number, number])[] = [];
    exchange(model, totals, a, picks[a], undefined);
    for (const pickA of short.get(a) ?? []) {
      exchange(model, totals, a, undefined, pickA);
      for (const b of order.slice(at + 1)) {
        exchange(model, totals, b, picks[b], undefined);
        const without = pointsOf(model, totals);
        for (const pickB of short.get(b) ?? []) {
          const option = optionAt(model, b, pickB);
          const gained = option ? pointsWith(model, totals, without, option) : -Infinity;
          if (gained <= points) continue;
          points = gained;
          best = [
            [a, pickA],
            [b, pickB],
          ];
        }
        exchange(model, totals, b, undefined, picks[b]);
      }
      exchange(model, totals, a, pickA, undefined);
    }
    exchange(model, totals, a, undefined, picks[a]);
    for (const [slot, pick] of best) {
      exchange(model, totals, slot, picks[slot], pick);
      picks[slot] = pick;
    }
  }
  return points;
}

/**
 * The options of a slot worth trying two at a time, with the rest as it is and limits left out: those with the most
 * points, and those with the most points for their time, which matter when the clock is what binds.
 */
function shortlist(
  model: EngineModel,
  picks: readonly number[],
  totals: Totals,
  slot: number,
  width: number,
): number[] {
  exchange(model, totals, slot, picks[slot], undefined);
  const ranked = (model.slots[slot] ?? []).map((option, i) => {
    const gain = gainOf(model, totals, option);
    return { i, points: gain, forItsTime: forItsTime(gain, option) };
  });
  exchange(model, totals, slot, undefined, picks[slot]);
  const others = ranked.filter(({ i }) => i !== picks[slot]);
  const best = (by: 'points' | 'forItsTime'): number[] =>
    [...others]
      .sort((a, b) => b[by] - a[by] || a.i - b.i)
      .slice(0, width)
      .map(({ i }) => i);
  return [...new Set([...best('points'), ...best('forItsTime')])];
}
