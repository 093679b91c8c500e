import type { ActiveComplaint } from '../safety';
import type { TierName } from '../testing';
import type { Audit } from './audit';
import type { FocusId } from './focus';
import type { LeverReading } from './lever';

/** Why range is short. */
export type RangeShort = 'ankle' | 'hip' | 'hip-flexor' | 'posterior';

/** A failed squat better on heels is short at the ankle (or the upper body); no better, at the hip. */
export function shortRange(failed: readonly string[], heels: number | null): RangeShort | null {
  if (failed.includes('R2')) return heels === 1 || (heels === null && failed.includes('R4')) ? 'ankle' : 'hip';
  if (failed.includes('R4')) return 'ankle';
  if (failed.includes('R1')) return 'posterior';
  return failed.includes('R6') ? 'hip-flexor' : null;
}

/** START-5: work leaning away from the place that complains calls for the other, from the gentle end; only when nothing there is stopped. */
export function gentleStart(leans: Audit['leans'], complaints: readonly ActiveComplaint[]): FocusId | null {
  const has = (places: readonly string[]): boolean =>
    complaints.some(({ place, column }) => places.includes(place) && column !== 'stop');
  if (leans === 'hip' && has(['knee'])) return 'gentle-knee';
  return leans === 'knee' && has(['back-thigh', 'back']) ? 'gentle-hip' : null;
}

/** What to work on first: the limiting tier, a gentle start before force and skill, else the lever (START-1, 5, 7). */
export function focusOf(
  limiting: TierName | null,
  rangeShort: RangeShort | null,
  failed: (tier: TierName) => readonly string[],
  lever: LeverReading['lever'],
  gentle: FocusId | null,
): FocusId | null {
  if (limiting === 'range') return rangeShort && `range-${rangeShort}`;
  if (limiting === 'control') return 'control';
  if (gentle) return gentle;
  if (limiting === 'force') {
    const force = failed('force');
    return force.includes('squat') ? 'strength' : force.includes('hinge') ? 'hinge-strength' : 'calf';
  }
  if (limiting === 'skill')
    return failed('skill').includes('K1') ? 'take-off' : failed('skill').includes('K2') ? 'landing' : 'cut';
  return lever;
}
