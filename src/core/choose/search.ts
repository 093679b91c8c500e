import { sharedPoints, type CompiledOption, type Model } from './objective';

/** A selection: one option index for each slot, with its points. */
export interface Selection {
  readonly picks: readonly number[];
  readonly points: number;
}

/** Best options of a slot that take part in the pairwise exchange. */
const PAIR_WIDTH = 8;

/**
 * The best selection found: cheapest start, then the best single change, then the best change of two slots, until
 * neither helps. Deterministic: options stand in id order and a change must gain to be taken. It gives the model's
 * shapes; it does not prove the optimum, so an exact engine can take its place.
 * @returns null when even the cheapest selection breaks a limit
 */
export function search(model: Model): Selection | null {
  const picks = cheapest(model);
  if (!picks) return null;
  let points = value(model, picks);
  for (let round = 0; round < 40; round++) {
    const better = bestSingle(model, picks, points) ?? bestPair(model, picks, points);
    if (!better) break;
    for (const [slot, pick] of better.changes) picks[slot] = pick;
    points = better.points;
  }
  return { picks, points };
}

/** Points of a selection; minus infinity when it breaks a limit. */
export function value(model: Model, picks: readonly number[]): number {
  const chosen = picks.map((pick, slot) => model.slots[slot]?.options[pick]).filter((o): o is CompiledOption => o !== undefined);
  let lin = 0;
  let time = 0;
  let contacts = 0;
  let raw = 0;
  const patterns = new Set<string>();
  for (const option of chosen) {
    lin += option.lin;
    time += option.timeS;
    contacts += option.contacts;
    raw += option.rawContacts;
    if (option.pattern !== null) {
      if (patterns.has(option.pattern)) return -Infinity;
      patterns.add(option.pattern);
    }
  }
  if (time > model.timeLimitS || contacts > model.contactLimit || raw > model.rawContactLimit) return -Infinity;
  return lin + sharedPoints(model, chosen);
}

/** The selection with the least time and contacts, each pattern once. */
function cheapest(model: Model): number[] | null {
  const used = new Set<string>();
  const picks: number[] = model.slots.map(() => -1);
  const order = model.slots.map((_, i) => i).sort((a, b) => (model.slots[a]?.options.length ?? 0) - (model.slots[b]?.options.length ?? 0) || a - b);
  for (const slot of order) {
    const options = model.slots[slot]?.options ?? [];
    let best = -1;
    options.forEach((option, i) => {
      if (option.pattern !== null && used.has(option.pattern)) return;
      const current = options[best];
      if (!current || cost(option) < cost(current)) best = i;
    });
    const chosen = options[best];
    if (!chosen) return null;
    if (chosen.pattern !== null) used.add(chosen.pattern);
    picks[slot] = best;
  }
  return Number.isFinite(value(model, picks)) ? picks : null;
}

const cost = (option: CompiledOption): number => option.timeS + option.contacts * 10;

interface Exchange {
  readonly changes: readonly (readonly [number, number])[];
  readonly points: number;
}

function bestSingle(model: Model, picks: readonly number[], points: number): Exchange | null {
  let best: Exchange | null = null;
  const trial = [...picks];
  model.slots.forEach(({ options }, slot) => {
    for (let pick = 0; pick < options.length; pick++) {
      if (pick === picks[slot]) continue;
      trial[slot] = pick;
      const gained = value(model, trial);
      if (gained > (best?.points ?? points)) best = { changes: [[slot, pick]], points: gained };
    }
    trial[slot] = picks[slot] ?? 0;
  });
  return best;
}

function bestPair(model: Model, picks: readonly number[], points: number): Exchange | null {
  let best: Exchange | null = null;
  const trial = [...picks];
  const short = model.slots.map((_, slot) => shortlist(model, picks, slot));
  for (let a = 0; a < picks.length; a++) {
    for (let b = a + 1; b < picks.length; b++) {
      for (const pickA of short[a] ?? []) {
        trial[a] = pickA;
        for (const pickB of short[b] ?? []) {
          trial[b] = pickB;
          const gained = value(model, trial);
          if (gained > (best?.points ?? points)) best = { changes: [[a, pickA], [b, pickB]], points: gained };
        }
        trial[b] = picks[b] ?? 0;
      }
      trial[a] = picks[a] ?? 0;
    }
  }
  return best;
}

/** The options of a slot worth trying two at a time: most points alone, with the rest as it is and limits left out. */
function shortlist(model: Model, picks: readonly number[], slot: number): number[] {
  const others = picks.map((pick, i) => (i === slot ? undefined : model.slots[i]?.options[pick])).filter((o): o is CompiledOption => o !== undefined);
  return (model.slots[slot]?.options ?? [])
    .map((option, i) => ({ i, points: option.lin + sharedPoints(model, [...others, option]) }))
    .filter(({ i }) => i !== picks[slot])
    .sort((a, b) => b.points - a.points || a.i - b.i)
    .slice(0, PAIR_WIDTH)
    .map(({ i }) => i);
}
