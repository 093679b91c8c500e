import { isEnough, type AthleteFacts } from '../athlete';
import type { Exercise } from '../library';
import type { DoseRowId, MethodTables } from '../method';

/** The row of an entry for an athlete: a row that builds strength gives way to maintenance once the lift is strong enough. */
export const enoughRow = (
  row: DoseRowId,
  exercise: Exercise,
  athlete: AthleteFacts,
  { doses }: MethodTables,
): DoseRowId => (isEnough(exercise, athlete) ? (doses[row].maintained ?? row) : row);

/** The same for a squad: half of it or more must be strong enough. */
export function enoughForMost(
  row: DoseRowId,
  exercise: Exercise,
  athletes: readonly AthleteFacts[],
  { doses }: MethodTables,
): DoseRowId {
  const { maintained } = doses[row];
  if (maintained === null || athletes.length === 0) return row;
  return athletes.filter((athlete) => isEnough(exercise, athlete)).length * 2 >= athletes.length ? maintained : row;
}
