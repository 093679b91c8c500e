import type { EngineModel, EngineOption } from './model';
import { addTo, breaksLimit, gainOf, pointsOf, pointsWith, startTotals, type Totals } from './objective';

/** A selection: one option index for each slot, with its points. */
export interface Selection {
  readonly picks: readonly number[];
  readonly points: number;
}

/** Best options of a slot that take part in the pairwise exchange: more where there are few slots to pair. */
const PAIR_WIDTH = 5;
const WIDE_PAIR_WIDTH = 12;
const FEW_SLOTS = 8;
/** Seconds added to an option's time when ranked by points for its time, so that short ones do not win by that alone. */
const TIME_FLOOR_S = 30;
/** Exchanges taken before the search gives in; far more than any card has needed. */
const MOST_EXCHANGES = 60;

/**
 * The best selection found: from the cheapest start slot by slot to the best option given the rest, then the best change
 * of two slots, until neither helps; once from the first slot on, once from the last and once from where most hangs on the
 * choice, since what is filled first takes the time and the contacts. Deterministic: options stand in id order and a change must gain to be taken.
 * It takes and gives the shapes of the model; it does not prove the optimum, so an exact engine can take its place.
 * @returns null when even the cheapest selection breaks a limit
 */
export function search(model: EngineModel): Selection | null {
  const start = cheapest(model);
  if (!start || breaksLimit(model, totalsOf(model, start))) return null;
  // a slot with one option leaves nothing to change
  const order = start.flatMap((_, slot) => ((model.slots[slot]?.length ?? 0) > 1 ? [slot] : []));
  const climb = (way: readonly number[]): Selection => {
    const picks = [...start];
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
  return [climb(order), climb([...order].reverse()), climb(byStake)].reduce((best, one) =>
    one.points > best.points ? one : best,
  );
}

/** What hangs on a slot's choice, from its worst option to its best. */
const spread = (lins: readonly number[]): number => Math.max(...lins) - Math.min(...lins);

const optionAt = (model: EngineModel, slot: number, pick: number | undefined): EngineOption | undefined =>
  pick === undefined ? undefined : model.slots[slot]?.[pick];

/** Sums of a selection. */
export function totalsOf(model: EngineModel, picks: readonly number[]): Totals {
  const totals = startTotals(model);
  picks.forEach((pick, slot) => {
    const option = optionAt(model, slot, pick);
    if (option) addTo(totals, option, 1);
  });
  return totals;
}

function exchange(
  model: EngineModel,
  totals: Totals,
  slot: number,
  from: number | undefined,
  to: number | undefined,
): void {
  const out = optionAt(model, slot, from);
  const into = optionAt(model, slot, to);
  if (out) addTo(totals, out, -1);
  if (into) addTo(totals, into, 1);
}

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

/** For each slot in turn the best change of it together with one other, taken at once. */
function bestPairs(
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
    return { i, points: gain, forItsTime: gain / (option.timeS + TIME_FLOOR_S) };
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
