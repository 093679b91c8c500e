import type { EngineModel, EngineOption } from './model';
import { addTo, startTotals, type Totals } from './objective';

/** A selection: one option index for each slot, with its points. */
export interface Selection {
  readonly picks: readonly number[];
  readonly points: number;
}

/** The option picked in a slot; undefined = none yet. */
export const optionAt = (model: EngineModel, slot: number, pick: number | undefined): EngineOption | undefined =>
  pick === undefined ? undefined : model.slots[slot]?.[pick];

/** Seconds added to an option's time when ranked by points for its time, so that short ones do not win by that alone. */
const TIME_FLOOR_S = 30;

/** Points an option brings for each second it takes. */
export const forItsTime = (points: number, option: EngineOption | undefined): number =>
  points / ((option?.timeS ?? 0) + TIME_FLOOR_S);

/** Sums of a selection. */
export function totalsOf(model: EngineModel, picks: readonly number[]): Totals {
  const totals = startTotals(model);
  picks.forEach((pick, slot) => {
    const option = optionAt(model, slot, pick);
    if (option) addTo(totals, option, 1);
  });
  return totals;
}

/** Takes one option of a slot out of the sums and another in. */
export function exchange(
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
