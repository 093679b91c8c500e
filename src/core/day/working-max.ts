import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import { percentFor } from '../testing';
import { isClean, type Track } from '../track';
import type { DaySetting } from './day-context';

/** A main lift as the season's plan writes it for a day, before what the day takes away (BLOCK-5). */
export interface PlannedMain {
  readonly lead: 'knee' | 'hip';
  readonly row: DoseRowId;
  readonly sets: number;
  readonly reps: number;
  readonly rir: number | null;
  /** how it is done in the block's action; absent = as its row says */
  readonly tempo?: string | null;
}

const FAMILY: Readonly<Record<PlannedMain['lead'], Exercise['family']>> = { knee: 'squat', hip: 'hinge' };

/** What the plan writes for an entry in a main slot and row; null = nothing: it goes on from what runs. */
export const plannedMain = (
  { family, doseUnit }: Pick<Exercise, 'family' | 'doseUnit'>,
  row: DoseRowId,
  { planned }: Pick<DaySetting, 'planned'>,
): PlannedMain | null =>
  doseUnit === 'reps' ? (planned.find((main) => main.row === row && FAMILY[main.lead] === family) ?? null) : null;

/** Loads are rounded down: doses that tell of the same maximum differ by so much. */
const ROUNDING_SHARE = 0.05;

/**
 * The load of a planned dose from what an athlete has come to: the maximum that the owned load tells of, read at the
 * plan's reps and reserve (BLOCK-5). Rounding down week by week would wear it off, so of the clean times that tell of the
 * same maximum the highest counts.
 * @returns kg, not rounded; null = no load is owned, or it tells nothing
 */
export function plannedLoadKg(
  track: Track | null,
  to: Pick<Dose, 'amount' | 'rir'>,
  method: MethodTables,
): number | null {
  const { formula, maxPrescribingReps } = method.settings.loading;
  const share = ({ amount, rir }: Pick<Dose, 'amount' | 'rir'>): number | null => {
    const found = rir === null ? null : percentFor(formula, amount, rir, maxPrescribingReps);
    return found?.ok ? found.value : null;
  };
  const maxOf = (dose: Dose): number | null => {
    const of = dose.loadKg === null || dose.unit !== 'reps' ? null : share(dose);
    return of === null || dose.loadKg === null ? null : dose.loadKg / of;
  };
  const [owned, at] = [track?.owned, share(to)];
  const from = owned && maxOf(owned.dose);
  if (!track || !owned || from == null || at === null) return null;
  let best = from;
  if (owned.by === 'done')
    for (const exposure of track.exposures) {
      const told = maxOf(exposure.based ?? exposure.dose);
      if (told === null || Math.abs(told / from - 1) > ROUNDING_SHARE) break;
      if (isClean(exposure)) best = Math.max(best, told);
    }
  return best * at;
}
