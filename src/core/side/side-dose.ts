import type { Day } from '../calendar';
import { chooseDose, type Dose } from '../dose';
import type { Exercise, Library } from '../library';
import type { DoseRowId, MethodTables, Schools } from '../method';
import { aThirdLess, answerActsOn, doseRange, rungOf } from '../progress';
import { responseTo, type AnswerFact } from '../track';

/** When an item of a side programme was last done, and what the mornings said. */
export interface SideHistory {
  /** null = never */
  readonly last: { readonly day: Day; readonly dose: Dose } | null;
  /** days of anything trained, in order: an answer after the next of them speaks of that one */
  readonly trained: readonly Day[];
  readonly answers: ReadonlyMap<Day, AnswerFact>;
}

/**
 * The dose of an item today: at first the least of its range, then one step from the last time by the next morning's
 * answer, as in any programme of an athlete's own (PROG-2, PROG-4, PROG-6): fine one set, then reps or seconds more;
 * overly tight there one set, then a third less; all else repeats. Mobility stays as it is.
 * @returns null when the row cannot be written in the entry's unit
 */
export function sideDose(
  exercise: Exercise,
  rowId: DoseRowId,
  { last, trained, answers }: SideHistory,
  jumpRest: Schools['jumpRest'],
  library: Library,
  method: MethodTables,
): Dose | null {
  const row = method.doses[rowId];
  const range = doseRange(exercise, row, library);
  const start = chooseDose(row, exercise, rungOf(exercise, library)?.rung ?? null, 'bottom', method.settings, jumpRest);
  if (!range || !start) return null;
  if (!row.progresses) return start;
  if (!last) return { ...start, sets: range.sets[0], amount: range.amount[0] };
  const { dose } = last;
  const response = responseTo(last.day, trained, answers);
  if (response?.answer === 'fine') {
    if (dose.sets < range.sets[1]) return { ...dose, sets: dose.sets + 1 };
    const step = dose.unit === 'seconds' ? method.settings.progress.timeStepS : 1;
    return { ...dose, amount: Math.min(range.amount[1], dose.amount + step) };
  }
  if (response?.answer !== 'tight' || !answerActsOn(exercise, response.place, method)) return dose;
  if (dose.sets > range.sets[0]) return { ...dose, sets: dose.sets - 1 };
  return { ...dose, amount: Math.max(range.amount[0], aThirdLess(dose, method) ?? dose.amount) };
}
