import type { Dose } from '../dose';
import { hardSets } from '../dose';
import type { Exercise, Family } from '../library';
import type { DoseRowId, MethodTables } from '../method';

/** Families of lower-body work that WEEK-2 speaks of. */
export const LOWER_BODY: readonly Family[] = [
  'squat',
  'hinge',
  'single-leg-knee',
  'single-leg-hip',
  'lateral',
  'olympic',
];

/** A line's entry with its row and dose. */
export interface DosedEntry {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
}

/**
 * Whether one line alone is heavy lower-body work (WEEK-2): any eccentric row, structure of 3 sets and more, or hard
 * sets at high intensity or near failure. Several lines of a family add up: see `heavyFamilies`.
 */
export const isHeavy = (entry: DosedEntry, method: MethodTables): boolean => heavyFamilies([entry], method).length > 0;

/** Single-leg work is one family here, whichever way it leans. */
const heavyFamilyOf = (family: Family): Family => (family === 'single-leg-hip' ? 'single-leg-knee' : family);

/**
 * Lower-body families that are heavy in a session (WEEK-2).
 * @returns families in the order met, each once
 */
export function heavyFamilies(entries: readonly DosedEntry[], method: MethodTables): Family[] {
  const { heavySets, heavyIntensity, heavyRir } = method.settings.week;
  const near = new Map<Family, number>();
  const heavy = new Set<Family>();
  for (const { exercise, row, dose } of entries) {
    const family = heavyFamilyOf(exercise.family);
    if (!LOWER_BODY.includes(family) || exercise.plyo) continue;
    const sets = hardSets(dose, exercise, method.doses[row], method);
    if (row === 'D-MICRO') continue;
    if (method.doses[row].quality === 'eccentric' && sets > 0) heavy.add(family);
    if (row === 'D-STR' && sets >= heavySets) heavy.add(family);
    if ((dose.percent ?? 0) >= heavyIntensity || (dose.rir !== null && dose.rir <= heavyRir))
      near.set(family, (near.get(family) ?? 0) + sets);
  }
  for (const [family, sets] of near) if (sets >= heavySets) heavy.add(family);
  return [...heavy];
}
