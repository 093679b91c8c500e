import { addDays, daysBetween } from '../calendar';
import type { MethodTables } from '../method';
import { actsOn } from '../safety';
import { estimateOneRepMax } from '../testing';
import type { Exposure } from '../track';
import type { ProgressCase } from './progress-case';

/** What may lie behind a lift that is stuck, as far as it is known here; sleep and practice are asked about (PROG-10). */
export type StallSignal = 'tight' | 'complaint' | 'away';

/** A main lift under its block's first, with what points where. */
export interface Stall {
  /** e1RM, kg */
  readonly firstKg: number;
  readonly nowKg: number;
  readonly share: number;
  readonly signals: readonly StallSignal[];
}

/** Overly tight or painful mornings that point to tiredness. */
const TIRED_FROM = 2;
/** Times compared at each end; a lift done this seldom in the block is not judged. */
const LEAST_TIMES = 3;

/**
 * Whether a main lift of general or specific is stuck: its e1RM lies well under the first of the block, in the last two
 * times alike, so that one bad day is none (PROG-10).
 * @param isMain whether it fills a main slot on the squad's cards
 * @returns null = it is not, or too little is known
 */
export function stallOf(of: ProgressCase, isMain: boolean, method: MethodTables): Stall | null {
  const { asks, layoff } = method.settings.progress;
  const { track, today, athlete, exercise } = of;
  if (!isMain || track.movedTo !== null) return null;
  const block = track.exposures.filter(({ day, eased }) => day > addDays(today, -asks.againDays) && eased.length === 0);
  const estimates = block.flatMap((exposure) => bestOf(exposure, method) ?? []);
  const [now, before] = estimates;
  const first = estimates.at(-1);
  if (estimates.length < LEAST_TIMES || now === undefined || before === undefined || first === undefined) return null;
  const nowKg = Math.max(now, before);
  const share = (first - nowKg) / first;
  if (share <= asks.stallShare) return null;
  const hurts = block.filter(({ response }) => response?.answer === 'tight' || response?.answer === 'pain').length;
  const days = block.map(({ day }) => day);
  const long = layoff[0]?.overDays ?? Infinity;
  const signals: StallSignal[] = [
    ...(hurts >= TIRED_FROM ? (['tight'] as const) : []),
    ...(athlete.complaints.some(({ place }) => actsOn(exercise, place, method)) ? (['complaint'] as const) : []),
    ...(days.some((day, i) => i > 0 && daysBetween(day, days[i - 1] ?? day) > long) ? (['away'] as const) : []),
  ];
  return { firstKg: first, nowKg, share, signals };
}

/** The best estimate of one time, held against others of its kind, so that it reads as far as prescribing does; null = none. */
function bestOf({ sets, dose }: Exposure, { settings: { loading } }: MethodTables): number | null {
  const estimates = sets.flatMap(({ loadKg, amount, rir, fault }) => {
    const left = rir ?? dose.rir;
    if (loadKg === null || left === null || fault !== null || dose.unit !== 'reps') return [];
    const estimate = estimateOneRepMax(loading.formula, loadKg, amount, left, loading.maxPrescribingReps);
    return estimate.ok ? [estimate.value] : [];
  });
  return estimates.length === 0 ? null : Math.max(...estimates);
}
