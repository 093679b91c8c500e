import { isLevelAtLeast, type Level, type Phase } from '../library';
import type { DoseRowId, MethodTables } from '../method';

/** What decides the row of an athlete, or of a squad by its majority. */
export interface RowCase {
  readonly liftLevel: Level;
  /** START-2 or under 16: the phase's gentle row in place of heavy ones */
  readonly gently: boolean;
  readonly young: boolean;
}

/** Rows of few heavy sets that foundation and under-16 athletes leave out (PHASE-3). */
const FEW_AND_HEAVY: readonly DoseRowId[] = ['D-MICRO', 'D-PEAK'];

/**
 * The row a level may use: barred from a row, it takes the next gentler one, in the end the phase's gentle row (PHASE-3,
 * START-2).
 */
export function rowForLevel(row: DoseRowId, of: RowCase, phase: Phase, method: MethodTables): DoseRowId {
  const { gentleRow } = method.phases[phase];
  if (of.gently && method.doses[row].cautious) return gentleRow;
  if ((of.young || of.liftLevel === 'foundation') && FEW_AND_HEAVY.includes(row)) return gentleRow;
  let current = row;
  for (let step = 0; step < 4; step++) {
    const { atLeast, gentler } = method.doses[current];
    if (atLeast === null || isLevelAtLeast(of.liftLevel, atLeast) || gentler === null) return current;
    current = gentler === 'phase' ? gentleRow : gentler;
  }
  return current;
}
