import { chooseDose, doseLevelFor, type Dose, type DoseLevel } from '../dose';
import type { AthleteFacts } from '../athlete';
import { weekdayOf } from '../calendar';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import { rungOf } from '../progress';
import { trainsGently, type DayContext } from './day-context';

/** Where in the ranges an athlete's doses start (DOSE-1, START-2): the gentle end for the new, the unknown and foundation. */
export const athleteLevel = (
  athlete: AthleteFacts,
  context: Pick<DayContext, 'weekOfBlock' | 'schools' | 'day'>,
): DoseLevel =>
  doseLevelFor(
    athlete.liftLevel,
    !trainsGently(athlete),
    context.weekOfBlock,
    context.schools.loading,
    weekdayOf(context.day),
  );

/** The dose an entry begins with in a row; null when the row cannot be written in its unit. */
export const startDose = (
  exercise: Exercise,
  row: DoseRowId,
  level: DoseLevel,
  { method, library, schools }: Pick<DayContext, 'method' | 'library' | 'schools'>,
): Dose | null =>
  chooseDose(
    method.doses[row],
    exercise,
    rungOf(exercise, library)?.rung ?? null,
    level,
    method.settings,
    schools.jumpRest,
  );
