import type { Template } from '../method';
import { buildModel } from './build-model';
import { addTo, breaksLimit, pointsOf, type Model } from './objective';
import type { SlotOptions } from './options';
import { totalsOf, type Selection } from './search';

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
  model: Model,
  { picks, points }: Selection,
  template: Template,
): Record<string, Swap[]> {
  const free = buildModel(
    slots.map((entry) => ({ ...entry, options: entry.free })),
    template,
    model.context,
  );
  const totals = totalsOf(model, picks);
  const swaps: Record<string, Swap[]> = {};
  model.slots.forEach(({ id, options }, i) => {
    const current = options[picks[i] ?? -1];
    if (!current) return;
    addTo(totals, current, -1);
    const best = new Map<string, number>();
    for (const other of free.slots[i]?.options ?? []) {
      const exerciseId = other.option?.exercise.id;
      if (exerciseId === undefined || exerciseId === current.option?.exercise.id) continue;
      addTo(totals, other, 1);
      if (!breaksLimit(model, totals))
        best.set(exerciseId, Math.max(pointsOf(model, totals), best.get(exerciseId) ?? -Infinity));
      addTo(totals, other, -1);
    }
    addTo(totals, current, 1);
    swaps[id] = [...best]
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
