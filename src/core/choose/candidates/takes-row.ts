import { isFast, isMeasured, type Exercise, type Phase } from '../../library';
import type { DoseRow, DoseRowId, MethodTables } from '../../method';

/**
 * Whether a row is one for this kind of entry (SEL-10): near a maximum only what is measured; holds by time; fast entries
 * by the fast rows, jumps and drills, never as assistance; of the two power rows the loaded one for lifts, the light one
 * for throws, loaded jumps and light bells. What has a row of its own is written in no other (D-PYR).
 */
export function takesRow(
  exercise: Exercise,
  id: DoseRowId,
  phase: Phase,
  { doses }: Pick<MethodTables, 'doses'>,
): boolean {
  const row = doses[id];
  if (row.phases && !row.phases.includes(phase)) return false;
  if (row.patterns || ownPatterns(doses).has(exercise.pattern))
    return row.patterns?.includes(exercise.pattern) ?? false;
  if (row.anyQuality) return true;
  if (row.quality === 'max-strength') return isMeasured(exercise) && !isFast(exercise);
  if (row.quality === 'isometric') return exercise.doseUnit === 'seconds';
  if (row.quality === 'power') {
    const isLight = exercise.plyo !== null || !isMeasured(exercise);
    return (row.intensity?.[0] ?? 0) > 0 ? !isLight : isLight || exercise.load.kind !== 'barbell';
  }
  return !isFast(exercise) || exercise.plyo !== null || FAST_MAY.includes(row.quality);
}

const OWN = new WeakMap<MethodTables['doses'], ReadonlySet<string>>();
/** Movement patterns that have a row of their own. */
function ownPatterns(doses: MethodTables['doses']): ReadonlySet<string> {
  const known = OWN.get(doses) ?? new Set(Object.values(doses).flatMap(({ patterns }: DoseRow) => patterns ?? []));
  OWN.set(doses, known);
  return known;
}

const FAST_MAY: readonly DoseRow['quality'][] = ['skill', 'conditioning', 'slow-ssc', 'fast-ssc', 'landing'];
