import { isEnough, type AthleteFacts } from '../athlete';
import type { RowCase } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId, MethodTables } from '../method';

/** What decides an athlete's row. */
export const rowCaseOf = (athlete: AthleteFacts, { settings }: MethodTables): RowCase => ({
  liftLevel: athlete.liftLevel,
  gently: athlete.caution === 'gentle',
  young: athlete.ageYears !== null && athlete.ageYears < settings.youth.underYears,
});

/** The row of an entry for an athlete: a row that builds strength gives way to maintenance once the lift is strong enough (DOSE-6). */
export const enoughRow = (
  row: DoseRowId,
  exercise: Exercise,
  athlete: Pick<AthleteFacts, 'atCeiling'>,
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
