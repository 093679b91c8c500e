import type { AthleteFacts } from '../athlete';
import { daysBetween } from '../calendar';
import { getExercise } from '../library';
import { afterLayoff, doseRange } from '../progress';
import type { Reason } from '../result';
import type { Line } from '../session';
import type { CarriedLine } from './brief';
import type { Context } from './context';
import { easeForDay } from './ease-for-day';
import { enoughRow } from './enough';
import { bars, type OwnLine } from './own-line';

/**
 * A carried line goes on when it is the line's own entry or another rung of its ladder that nothing else holds, and does
 * not build a lift that has become strong enough.
 */
export function continues(
  carried: CarriedLine,
  line: Line,
  athlete: AthleteFacts,
  taken: ReadonlySet<string>,
  { library, method }: Context,
): boolean {
  if (carried.exerciseId === null || !method.doses[carried.row].progresses) return false;
  if (enoughRow(carried.row, getExercise(library, carried.exerciseId), athlete, method) !== carried.row) return false;
  if (carried.exerciseId === line.exerciseId) return true;
  const ladder = getExercise(library, line.exerciseId).ladder?.id;
  return (
    ladder !== undefined &&
    getExercise(library, carried.exerciseId).ladder?.id === ladder &&
    !taken.has(carried.exerciseId)
  );
}

/** What the athlete did here last time, with accepted changes, made easier after a layoff (PROG-7). */
export function fromCarried(carried: CarriedLine, line: Line, athlete: AthleteFacts, context: Context): OwnLine {
  const { library, method, brief } = context;
  const exercise = getExercise(library, carried.exerciseId ?? line.exerciseId);
  const before = brief.previous?.lines.find((old) => old.slot === line.slot)?.dose;
  const trimmed = before !== undefined && line.dose.sets < before.sets;
  const own: OwnLine = {
    exercise,
    row: carried.row,
    // when the squad's line gave sets up for time, its athletes do too
    dose: easeForDay(
      {
        ...carried.dose,
        rir: carried.row === line.row ? line.dose.rir : carried.dose.rir,
        sets: trimmed ? Math.min(carried.dose.sets, line.dose.sets) : carried.dose.sets,
      },
      exercise,
      context,
    ),
    reasons: carried.changedBy.length > 0 ? [{ code: 'accepted_change', rules: carried.changedBy, facts: {} }] : [],
  };
  const lastDone = athlete.lastDone[exercise.id];
  const range = doseRange(exercise, method.doses[carried.row], library);
  if (lastDone === undefined || !range) return own;
  const away = daysBetween(lastDone, brief.day);
  const change = afterLayoff(
    { exercise, row: carried.row, dose: own.dose, kit: brief.place.loading },
    away,
    range,
    library,
    method,
  );
  if (!change) return own;
  return {
    ...own,
    exercise: getExercise(library, change.to.exerciseId),
    dose: change.to.dose,
    reasons: [...own.reasons, { code: 'after_layoff', rules: change.rules, facts: { awayDays: away } }],
  };
}

/** A dose of the coach's own sets the sets and reps; the load each athlete has come to stays. */
export const withCarriedLoad = (own: OwnLine, carried: CarriedLine | undefined): OwnLine =>
  carried?.exerciseId === own.exercise.id &&
  carried.row === own.row &&
  carried.dose.loadKg !== null &&
  own.dose.loadKg === null
    ? { ...own, dose: { ...own.dose, loadKg: carried.dose.loadKg } }
    : own;

/** While the bar stands, last time's substitute goes on with its own dose. */
export function keepSubstitute(
  carried: CarriedLine | undefined,
  bar: Reason,
  athlete: AthleteFacts,
  taken: ReadonlySet<string>,
  context: Context,
): OwnLine | null {
  if (!carried?.exerciseId || taken.has(carried.exerciseId)) return null;
  const exercise = getExercise(context.library, carried.exerciseId);
  return bars(exercise, carried.row, carried.dose, athlete, context)
    ? null
    : { exercise, row: carried.row, dose: carried.dose, reasons: [bar] };
}
