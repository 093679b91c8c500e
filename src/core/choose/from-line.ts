import type { AthleteFacts } from '../athlete';
import { chooseDose, doseLevelFor } from '../dose';
import { getExercise } from '../library';
import { rungOf } from '../progress';
import type { Reason } from '../result';
import type { Line } from '../session';
import { isKnown, rowForLevel, trainsInFull, type Context } from './context';
import { easeForDay } from './ease-for-day';
import { enoughRow } from './enough';
import type { OwnLine } from './own-line';

/** The squad's line with the athlete's own row and, at foundation level or while tiers are unknown, the bottom of the range; maintenance where the lift is strong enough. */
export function fromLine(line: Line, athlete: AthleteFacts, context: Context): OwnLine {
  const { library, method, brief, doseLevel } = context;
  const exercise = getExercise(library, line.exerciseId);
  const levelled = rowForLevel(line.row, athlete.liftLevel, method);
  const row = enoughRow(levelled, exercise, athlete, method);
  const level = doseLevelFor(athlete.liftLevel, trainsInFull(athlete), brief.weekOfBlock);
  if (row === line.row && (line.pinned || level === doseLevel || level !== 'bottom'))
    return { exercise, row: line.row, dose: line.dose, reasons: [] };
  const rung = rungOf(exercise, library)?.rung ?? null;
  const dose = easeForDay(
    chooseDose(method.doses[row], exercise, rung, level, method.settings, context.brief.schools.jumpRest) ?? line.dose,
    exercise,
    context,
  );
  const rule = !isKnown(athlete) ? 'START-2' : athlete.focus?.holdsBack ? 'START-1' : 'PHASE-3';
  const enough: Reason | null =
    row === levelled
      ? null
      : { code: 'at_ceiling', rules: ['DOSE-6'], facts: { lift: exercise.load.oneRepMax?.lift ?? '' } };
  const changed = dose.sets < line.dose.sets || dose.amount !== line.dose.amount || row !== line.row;
  return changed
    ? {
        exercise,
        row,
        dose: { ...dose, sets: Math.min(dose.sets, line.dose.sets) },
        reasons: [
          enough ?? {
            code: 'bottom_of_range',
            rules: [rule],
            facts: {
              level: athlete.liftLevel,
              known: isKnown(athlete),
              focus: athlete.focus?.holdsBack ? athlete.focus.name : null,
            },
          },
        ],
      }
    : { exercise, row: line.row, dose: line.dose, reasons: [] };
}
