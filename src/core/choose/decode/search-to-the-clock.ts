import { layOut } from '../../order';
import type { SlotOptions } from '../candidates/options';
import type { Compiled } from '../compile/build-model';
import { sessionSeconds } from '../compile/session-seconds';
import type { Context } from '../context';
import type { EngineModel } from '../engine/model';
import { pointsOf, pointsWith, type Totals } from '../engine/objective';
import { search } from '../engine/search';
import { exchange, totalsOf, type Selection } from '../engine/selection';

/** Times the search is run again with less time when the laid-out card runs over. */
const CLOCK_ROUNDS = 8;
/** Least that is taken off each time: a few seconds over would otherwise take many rounds. */
const LEAST_STEP_S = 20;
/** Seconds left by the clock, or by the model, from which it is worth or no use to search again. */
const LEAST_SPARE_S = 60;
/** Rounds over all slots in which single changes are tried by the real clock. */
const FILL_ROUNDS = 8;

export interface Found {
  readonly selection: Selection;
  /** its points, with time as the clock tells it */
  readonly worth: number;
  /** with the time limit the selection was found under */
  readonly model: EngineModel;
  /** seconds over what the session may fill */
  readonly overS: number;
}

/**
 * The model counts time slot by slot; the laid-out card knows how pairs interlock and which slots stay empty. The search
 * runs again with less where the real clock runs over, and with more where it leaves minutes that the model thought
 * used; then single changes that gain and fit the real clock are taken (SEL-9). The best of what fits is kept.
 * @returns the selection, over its minutes only where nothing shorter was found; null when even the cheapest breaks a limit
 */
export function searchToTheClock(slots: readonly SlotOptions[], compiled: Compiled, context: Context): Found | null {
  const limitS = sessionSeconds(context);
  const clockOf = (picks: readonly number[]): number => clockSeconds(slots, compiled, picks, context);
  let model = compiled.model;
  let best: Found | null = null;
  let over: Found | null = null;
  for (let round = 0; round < CLOCK_ROUNDS; round++) {
    const selection = search(model);
    if (!selection) break;
    const clockS = clockOf(selection.picks);
    // in the model's seconds, not the clock's, and from what it took: it may have left some unused
    const usedS = totalsOf(model, selection.picks).timeS;
    if (clockS > limitS) {
      if (best) break;
      if (!over || clockS - limitS < over.overS)
        over = { selection, worth: selection.points, model: freed(model), overS: clockS - limitS };
      // each time a larger step, so that it ends under the clock
      const stepS = Math.max(LEAST_STEP_S, (usedS * (clockS - limitS)) / clockS) * (1 + round / 2);
      model = { ...model, timeLimitS: Math.round(Math.min(model.timeLimitS, usedS) - stepS) };
      continue;
    }
    const filled = fill(selection, model, limitS, clockOf);
    if (best && filled.worth <= best.worth) break;
    best = { ...filled, model: freed(model), overS: 0 };
    if (over || model.timeLimitS - usedS > LEAST_SPARE_S || limitS - clockS < LEAST_SPARE_S) break;
    model = { ...model, timeLimitS: Math.round(usedS + limitS - clockS) };
  }
  return best ?? over;
}

/** Time is told by the clock once a selection is found. */
const freed = (model: EngineModel): EngineModel => ({ ...model, timeLimitS: Infinity });

/** Takes single changes that gain points and fit the real clock, until none is left. */
function fill(
  found: Selection,
  asFound: EngineModel,
  limitS: number,
  clockOf: (picks: readonly number[]) => number,
): Pick<Found, 'selection' | 'worth'> {
  const { least } = asFound;
  const aimS = least.timeS === 0 ? 0 : limitS * (least.timeS / Math.max(1, least.ofS));
  // time is told by the clock here
  const model: EngineModel = { ...freed(asFound), least: { ...least, timeS: 0 } };
  const short = (clockS: number): number => least.second * Math.max(0, aimS - clockS);
  const picks = [...found.picks];
  const totals = totalsOf(model, picks);
  let worth = pointsOf(model, totals) - short(clockOf(picks));
  for (let round = 0, changed = true; changed && round < FILL_ROUNDS; round++) {
    changed = false;
    for (const [slot, options] of model.slots.entries()) {
      if (options.length < 2) continue;
      const best = bestFor(slot, picks, model, totals, worth, limitS, short, clockOf);
      if (best.pick === picks[slot]) continue;
      exchange(model, totals, slot, picks[slot], best.pick);
      picks[slot] = best.pick;
      worth = best.worth;
      changed = true;
    }
  }
  return { selection: { picks, points: pointsOf(model, totals) }, worth };
}

function bestFor(
  slot: number,
  picks: readonly number[],
  model: EngineModel,
  totals: Totals,
  worth: number,
  limitS: number,
  short: (clockS: number) => number,
  clockOf: (picks: readonly number[]) => number,
): { pick: number; worth: number } {
  const before = picks[slot] ?? -1;
  let best = { pick: before, worth };
  exchange(model, totals, slot, before, -1);
  const without = pointsOf(model, totals);
  model.slots[slot]?.forEach((option, pick) => {
    if (pick === before) return;
    const points = pointsWith(model, totals, without, option);
    // the clock can only take away from that
    if (points <= best.worth) return;
    const clockS = clockOf(picks.map((one, i) => (i === slot ? pick : one)));
    if (clockS <= limitS && points - short(clockS) > best.worth) best = { pick, worth: points - short(clockS) };
  });
  exchange(model, totals, slot, -1, before);
  return best;
}

/** The real clock of a selection, seconds. */
export const clockSeconds = (
  slots: readonly SlotOptions[],
  { options }: Compiled,
  picks: readonly number[],
  context: Context,
): number =>
  layOut(
    slots.flatMap(({ slot }, i) => {
      const option = options[i]?.[picks[i] ?? 0];
      return option
        ? [{ slot: slot.id, block: slot.block, group: slot.group, exercise: option.exercise, dose: option.dose }]
        : [];
    }),
    context.room,
    context.method.settings,
  ).totalS;
