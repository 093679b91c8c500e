import { bestPairs } from './best-pairs';
import type { EngineModel, EngineOption } from './model';
import { breaksLimit, pointsOf, pointsWith, type Totals } from './objective';
import { startsWithRoom } from './make-room';
import { exchange, totalsOf, type Selection } from './selection';

/** Exchanges taken before the search gives in; far more than any card has needed. */
const MOST_EXCHANGES = 60;
/** Times room is made for what is missed most. */
const ROOM_ROUNDS = 2;

/**
 * The best selection found: from the cheapest start slot by slot to the best option given the rest, then the best change
 * of two slots, until neither helps; once from the first slot on, once from the last and once from where most hangs on the
 * choice, since what is filled first takes the time and the contacts; and again from the best of them with room made for
 * what it misses most. Deterministic: options stand in id order and a change must gain to be taken.
 * It takes and gives the shapes of the model; it does not prove the optimum, so an exact engine can take its place.
 * @returns null when even the cheapest selection breaks a limit
 */
export function search(model: EngineModel): Selection | null {
  const start = cheapest(model);
  if (!start || breaksLimit(model, totalsOf(model, start))) return null;
  // a slot with one option leaves nothing to change
  const order = start.flatMap((_, slot) => ((model.slots[slot]?.length ?? 0) > 1 ? [slot] : []));
  const climb = (way: readonly number[], from: readonly number[] = start): Selection => {
    const picks = [...from];
    const totals = totalsOf(model, picks);
    let points = bestEach(model, picks, totals, pointsOf(model, totals), way);
    for (let round = 0; round < MOST_EXCHANGES; round++) {
      const before = points;
      points = bestPairs(model, picks, totals, points, order);
      if (points === before) break;
      points = bestEach(model, picks, totals, points, way);
    }
    return { points, picks };
  };
  const stake = model.slots.map((options) => spread(options.map(({ lin }) => lin)));
  const byStake = [...order].sort((a, b) => (stake[b] ?? 0) - (stake[a] ?? 0) || a - b);
  let best = bestOf([climb(order), climb([...order].reverse()), climb(byStake)]);
  for (let round = 0; round < ROOM_ROUNDS; round++) {
    const before = best;
    best = bestOf([best, ...startsWithRoom(model, best.picks).map((from) => climb(byStake, from))]);
    if (best === before) break;
  }
  return best;
}

/** The one with the most points, the first of equals. */
const bestOf = (selections: readonly [Selection, ...Selection[]]): Selection =>
  selections.reduce((best, one) => (one.points > best.points ? one : best));

/** What hangs on a slot's choice, from its worst option to its best. */
const spread = (lins: readonly number[]): number => Math.max(...lins) - Math.min(...lins);

/** The selection with the least time and contacts, each pattern once. */
function cheapest(model: EngineModel): number[] | null {
  const used = new Set<number>();
  const picks: number[] = model.slots.map(() => -1);
  const width = (slot: number): number => model.slots[slot]?.length ?? 0;
  const order = model.slots.map((_, i) => i).sort((a, b) => width(a) - width(b) || a - b);
  for (const slot of order) {
    const options = model.slots[slot] ?? [];
    let best = -1;
    options.forEach((option, i) => {
      if (used.has(option.pattern)) return;
      const current = options[best];
      if (!current || cost(option) < cost(current)) best = i;
    });
    const chosen = options[best];
    if (!chosen) return null;
    if (chosen.pattern >= 0) used.add(chosen.pattern);
    picks[slot] = best;
  }
  return picks;
}

const cost = (option: EngineOption): number => option.timeS + option.contacts * 10;

/** Gives each slot in turn its best option for the rest as it stands, until a whole round changes nothing. */
function bestEach(model: EngineModel, picks: number[], totals: Totals, from: number, order: readonly number[]): number {
  let points = from;
  for (let round = 0, changed = true; changed && round < MOST_EXCHANGES; round++) {
    changed = false;
    for (const slot of order) {
      const before = picks[slot];
      let best = before;
      exchange(model, totals, slot, before, undefined);
      const without = pointsOf(model, totals);
      (model.slots[slot] ?? []).forEach((option, pick) => {
        if (pick === before) return;
        const gained = pointsWith(model, totals, without, option);
        if (gained > points) [points, best] = [gained, pick];
      });
      exchange(model, totals, slot, undefined, best);
      if (best === undefined || best === before) continue;
      picks[slot] = best;
      changed = true;
    }
  }
  return points;
}
