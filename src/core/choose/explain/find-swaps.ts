import type { Template } from '../../method';
import type { SlotOptions } from '../candidates/options';
import { buildModel, type Compiled } from '../compile/build-model';
import type { Context } from '../context';
import { addTo, breaksLimit, pointsOf } from '../engine/objective';
import { totalsOf, type Selection } from '../engine/selection';

/** What could stand in a slot instead, with what it would cost (SEL-4). */
export interface Swap {
  readonly exerciseId: string;
  readonly lossPoints: number;
  /** of the card's points, 0–1 */
  readonly lossShare: number;
}

/** Swaps offered for one line. */
const SWAPS = 7;

/**
 * For each slot, the other entries it could hold with the rest of the card as it is, by points lost, least first.
 * What would break a limit is left out.
 */
export function findSwaps(
  slots: readonly SlotOptions[],
  { model, options }: Compiled,
  { picks, points }: Selection,
  template: Template,
  context: Context,
): Record<string, Swap[]> {
  const free = buildModel(
    slots.map((entry) => ({ ...entry, options: entry.free })),
    template,
    context,
  );
  const totals = totalsOf(model, picks);
  const swaps: Record<string, Swap[]> = {};
  slots.forEach(({ slot }, i) => {
    const pick = picks[i] ?? -1;
    const current = model.slots[i]?.[pick];
    const currentId = options[i]?.[pick]?.exercise.id;
    if (!current) return;
    addTo(totals, current, -1);
    const best = new Map<string, number>();
    free.model.slots[i]?.forEach((other, o) => {
      const exerciseId = free.options[i]?.[o]?.exercise.id;
      if (exerciseId === undefined || exerciseId === currentId) return;
      addTo(totals, other, 1);
      if (!breaksLimit(model, totals))
        best.set(exerciseId, Math.max(pointsOf(model, totals), best.get(exerciseId) ?? -Infinity));
      addTo(totals, other, -1);
    });
    addTo(totals, current, 1);
    swaps[slot.id] = [...best]
      .map(([exerciseId, other]) => ({
        exerciseId,
        lossPoints: points - other,
        lossShare: Math.round(((points - other) / Math.max(1, Math.abs(points))) * 1000) / 1000,
      }))
      .sort((a, b) => a.lossPoints - b.lossPoints || (a.exerciseId < b.exerciseId ? -1 : 1))
      .slice(0, SWAPS);
  });
  return swaps;
}
