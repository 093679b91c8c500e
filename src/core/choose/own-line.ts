import type { AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';
import type { Context } from './context';
import { judgeDay, judgeOption } from './judge-option';

/** A line while it is being fitted to one athlete. */
export interface OwnLine {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly reasons: readonly Reason[];
}

/** What stands against an entry at a dose for an athlete on the day, or null. */
export const bars = (
  exercise: Exercise,
  row: DoseRowId,
  dose: Dose,
  athlete: AthleteFacts,
  context: Context,
): Reason | null =>
  judgeOption(exercise, row, dose, athlete, context) ?? judgeDay(exercise, row, dose, athlete, context);
