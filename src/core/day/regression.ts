import type { AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import { entryOnRung } from '../progress';
import type { DayContext } from './day-context';
import type { DayLine } from './day-line';
import { judgeDay } from './judge-day';
import { judgeOption } from './judge-option';
import { startDose } from './start-dose';

/** What is done in place of an entry that keeps going wrong. */
export interface Regression {
  readonly exerciseId: string;
  readonly dose: Dose;
}

/** The same fault as often as this in a line offers its regression (FLOOR-3). */
export const FAULTS_THAT_REGRESS = 2;

/**
 * The rung under what an athlete does on a line, at the least of its row and never more than the line asks (FLOOR-3).
 * @returns null where there is none, or something stands against it
 */
export function regressionOf(
  { exerciseId, row, dose: asked }: Pick<DayLine, 'exerciseId' | 'row' | 'dose'>,
  athlete: AthleteFacts,
  context: DayContext,
): Regression | null {
  const below = exerciseId && entryOnRung(getExercise(context.library, exerciseId), -1, context.library);
  const start = below && startDose(below, row, 'bottom', context);
  if (!start) return null;
  const isAlike = start.unit === asked.unit && start.per === asked.per;
  const amount = isAlike ? Math.min(start.amount, asked.amount) : start.amount;
  const dose: Dose = { ...start, sets: asked.sets, amount, restSeconds: asked.restSeconds };
  const against = // a reason to override speaks of the line's own entry
    judgeOption({ exercise: below, row, dose }, athlete, context, false) ??
    judgeDay(below, row, dose, athlete, context);
  return against ? null : { exerciseId: below.id, dose };
}
