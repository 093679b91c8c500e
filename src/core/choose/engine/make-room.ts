import type { EngineModel } from './model';
import { breaksLimit, gainOf, pointsOf, type Totals } from './objective';
import { exchange, forItsTime, optionAt, totalsOf } from './selection';

/** Slots that are given what they want most, those first that miss most. */
const FORCED = 4;
/** Of an option's gain in its slot, the share from which a shorter one will do. */
const ALMOST = 0.7;
/** Changes that may make room for one option. */
const MOST_CHANGES = 20;
/** Seconds that a contact over, and a pattern too many, count as. */
const CONTACT_S = 10;
const REPEAT_S = 600;

/**
 * Starts from which a climb may reach more: what a slot wants most is put in whatever it takes, and the cheapest
 * changes elsewhere make room for it. One or two changes at a time never leave three small lines for a large one.
 */
export function startsWithRoom(model: EngineModel, picks: readonly number[]): number[][] {
  const totals = totalsOf(model, picks);
  const wishes = model.slots.flatMap((_, slot) => {
    const wish = wishOf(model, picks, totals, slot);
    return wish ? [{ slot, ...wish }] : [];
  });
  return wishes
    .sort((a, b) => b.regret - a.regret || a.slot - b.slot)
    .slice(0, FORCED)
    .flatMap(({ slot, pick }) => makeRoom(model, picks, slot, pick) ?? []);
}

/** What a slot would hold if nothing bound it, and the points it misses; null = it has it. */
function wishOf(
  model: EngineModel,
  picks: readonly number[],
  totals: Totals,
  slot: number,
): { pick: number; regret: number } | null {
  exchange(model, totals, slot, picks[slot], undefined);
  const gains = (model.slots[slot] ?? []).map((option) => gainOf(model, totals, option));
  exchange(model, totals, slot, undefined, picks[slot]);
  const now = gains[picks[slot] ?? -1] ?? 0;
  const most = Math.max(...gains);
  if (most <= now) return null;
  const rate = (pick: number): number => forItsTime((gains[pick] ?? 0) - now, optionAt(model, slot, pick));
  const pick = gains.reduce(
    (best, gain, one) => (gain - now >= (most - now) * ALMOST && (best < 0 || rate(one) > rate(best)) ? one : best),
    -1,
  );
  return { pick, regret: most - now };
}

/** The selection with an option put in and, one by one, the change elsewhere that loses least for the room it makes. */
function makeRoom(model: EngineModel, from: readonly number[], slot: number, pick: number): [number[]] | null {
  const picks = [...from];
  const totals = totalsOf(model, picks);
  exchange(model, totals, slot, picks[slot], pick);
  picks[slot] = pick;
  for (let change = 0; change < MOST_CHANGES && breaksLimit(model, totals); change++) {
    const over = overOf(model, totals);
    const points = pointsOf(model, totals);
    let best: { slot: number; pick: number; price: number } | null = null;
    for (const [other, options] of model.slots.entries()) {
      if (other === slot) continue;
      const before = picks[other];
      for (let one = 0; one < options.length; one++) {
        if (one === before) continue;
        exchange(model, totals, other, before, one);
        const freed = over - overOf(model, totals);
        const price = freed > 0 ? (points - pointsOf(model, totals)) / freed : Infinity;
        if (price < (best?.price ?? Infinity)) best = { slot: other, pick: one, price };
        exchange(model, totals, other, one, before);
      }
    }
    if (!best) return null;
    exchange(model, totals, best.slot, picks[best.slot], best.pick);
    picks[best.slot] = best.pick;
  }
  return breaksLimit(model, totals) ? null : [picks];
}

/** How far the sums are over their limits, in seconds. */
const overOf = (model: EngineModel, totals: Totals): number =>
  Math.max(0, totals.timeS - model.timeLimitS) +
  CONTACT_S * Math.max(0, totals.contacts - model.contactLimit, totals.rawContacts - model.rawContactLimit) +
  REPEAT_S * totals.repeats;
