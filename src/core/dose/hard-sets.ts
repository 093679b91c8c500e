import { isMeasured, type Exercise } from '../library';
import type { DoseRow, MethodTables } from '../method';
import type { Dose } from './dose';

/**
 * Hard sets of a line (COUNT-1, 2): working sets at RIR ≤ 4, or isometric, eccentric and trunk sets done as written.
 * Warm-up, mobility, prep, jumps, landings and throws count 0; a set per side is one set.
 */
export function hardSets(dose: Dose, exercise: Exercise, row: DoseRow, method: MethodTables): number {
  if (!row.hard || exercise.plyo || (row.fast && !isMeasured(exercise))) return 0;
  return dose.rir === null || dose.rir <= method.settings.count.hardSetMaxRir ? dose.sets : 0;
}
