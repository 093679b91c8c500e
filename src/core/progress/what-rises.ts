import type { Exercise, Phase } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import type { MayRise } from './squad-vote';

/** Phases in which what is kept steps nowhere. */
const STILL: readonly Phase[] = ['in-season', 'congested', 'peak', 'transition'];

/**
 * What a line may do in its block (PROG-15): the phase's lead rows and one row beside rise, and whatever fills a main slot;
 * in general nothing beside does. All else is kept: on a ladder it may step once a block outside season and peak.
 */
export function mayRiseOf(
  { ladder }: Pick<Exercise, 'ladder'>,
  row: DoseRowId,
  isMain: boolean,
  phase: Phase,
  { phases }: MethodTables,
): MayRise {
  const { lead, beside } = phases[phase];
  if (isMain || lead.includes(row) || (phase !== 'general' && beside[0] === row)) return 'develops';
  return ladder && !STILL.includes(phase) ? 'kept-ladder' : 'kept';
}
