import type { AthleteFacts } from '../athlete';
import { prescribeLoad, type Dose } from '../dose';
import { getExercise } from '../library';
import type { Line, Override } from '../session';
import { continues, fromCarried, keepSubstitute, withCarriedLoad } from './carry-line';
import type { Context } from './context';
import { fromLine } from './from-line';
import type { Option } from './options';
import { bars } from './own-line';
import { easeForThree, replace } from './replace-line';

/**
 * What one athlete does on one line when it differs from the squad's, or null (SEL-6): own rung or replacement where
 * something bars the line, own row and sets by level, what was carried from the last card, and own load.
 * @param substitutes what the slot could hold, best first
 * @param taken entries already on the athlete's card
 */
export function fitAthlete(
  line: Line,
  athlete: AthleteFacts,
  substitutes: readonly Option[],
  taken: ReadonlySet<string>,
  context: Context,
): Override | null {
  const { brief, library } = context;
  const base = { slot: line.slot, athleteId: athlete.id };
  const typed = brief.typedOverrides.find((own) => own.slot === line.slot && own.athleteId === athlete.id);
  if (
    typed &&
    (typed.exerciseId === null ||
      !bars(getExercise(library, typed.exerciseId), typed.row, typed.dose, athlete, context))
  )
    return typed;

  const previous = brief.previous?.lines.find((old) => old.slot === line.slot && old.exerciseId === line.exerciseId);
  const carried = previous?.own.find((own) => own.athleteId === athlete.id);
  const own =
    carried && !line.pinned && continues(carried, line, athlete, taken, context)
      ? fromCarried(carried, line, athlete, context)
      : withCarriedLoad(fromLine(line, athlete, context), carried);
  const bar = bars(own.exercise, own.row, own.dose, athlete, context);
  const fitted = bar
    ? (keepSubstitute(carried, bar, athlete, taken, context) ?? replace(own, bar, athlete, substitutes, taken, context))
    : easeForThree(own, athlete, context);
  if (!fitted)
    return { ...base, exerciseId: null, row: line.row, dose: line.dose, reasons: bar ? [bar] : [], typed: false };

  const strength = {
    e1rmKg: fitted.exercise.load.oneRepMax ? (athlete.e1rmKg[fitted.exercise.load.oneRepMax.lift] ?? null) : null,
    ageYears: athlete.ageYears,
  };
  const loaded =
    fitted.dose.loadKg !== null
      ? { dose: fitted.dose, reason: null }
      : prescribeLoad(
          fitted.dose,
          fitted.exercise,
          context.method.doses[fitted.row],
          strength,
          brief.place.loading,
          context.method,
        );
  const reasons = [...fitted.reasons, ...(loaded.reason ? [loaded.reason] : [])];
  const same = fitted.exercise.id === line.exerciseId && fitted.row === line.row && sameDose(loaded.dose, line.dose);
  return same
    ? null
    : { ...base, exerciseId: fitted.exercise.id, row: fitted.row, dose: loaded.dose, reasons, typed: false };
}

const sameDose = (a: Dose, b: Dose): boolean =>
  a.sets === b.sets &&
  a.amount === b.amount &&
  a.unit === b.unit &&
  a.per === b.per &&
  a.percent === b.percent &&
  a.loadKg === b.loadKg &&
  a.rir === b.rir &&
  a.restSeconds === b.restSeconds &&
  a.tempo === b.tempo;
