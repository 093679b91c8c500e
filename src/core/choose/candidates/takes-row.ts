import { isFast, isMeasured, type Exercise } from '../../library';
import type { DoseRow } from '../../method';

/**
 * Whether a row is one for this kind of entry (SEL-10): near a maximum only what is measured; holds by time; fast entries
 * by the fast rows, jumps and drills, never as assistance; of the two power rows the loaded one for lifts, the light one
 * for throws, loaded jumps and light bells.
 */
export function takesRow(exercise: Exercise, row: DoseRow): boolean {
  if (row.anyQuality) return true;
  if (row.quality === 'max-strength') return isMeasured(exercise) && !isFast(exercise);
  if (row.quality === 'isometric') return exercise.doseUnit === 'seconds';
  if (row.quality === 'power') {
    const isLight = exercise.plyo !== null || !isMeasured(exercise);
    return (row.intensity?.[0] ?? 0) > 0 ? !isLight : isLight || exercise.load.kind !== 'barbell';
  }
  return !isFast(exercise) || exercise.plyo !== null || FAST_MAY.includes(row.quality);
}

const FAST_MAY: readonly DoseRow['quality'][] = ['skill', 'conditioning', 'slow-ssc', 'fast-ssc', 'landing'];
