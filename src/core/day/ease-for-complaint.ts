import type { AthleteFacts } from '../athlete';
import { rowForLevel } from '../dose';
import { getExercise, type Exercise } from '../library';
import type { DoseRowId } from '../method';
import { entryOnRung } from '../progress';
import type { Reason } from '../result';
import { actsOn } from '../safety';
import type { Line } from '../session';
import type { DayContext } from './day-context';
import { enoughRow, rowCaseOf } from './row-for-athlete';
import { startDose } from './start-dose';
import { easedTo, type WorkingLine } from './working-line';

/** What stands against a line for this athlete on this card, or null. */
export type Barred = (line: WorkingLine) => Reason | null;

/**
 * A complaint at 3 puts ladder work on its place one rung under where it stood, on the lowest half the dose (SAFE-8). It
 * starts from what the athlete owns every time, so that it never adds up from card to card.
 */
export function easeForThree(
  line: WorkingLine,
  stored: Line,
  athlete: AthleteFacts,
  barred: Barred,
  context: DayContext,
): WorkingLine {
  const three = athlete.complaints.find(
    (c) => c.column === 'three' && line.exercise.ladder && actsOn(line.exercise, c.place, context.method),
  );
  if (!three) return line;
  const reason: Reason = {
    code: 'eased_for_complaint',
    rules: ['SAFE-2', 'SAFE-8'],
    facts: { place: three.place, score: three.score },
  };
  for (let down = -1; ; down--) {
    const lower = entryOnRung(line.exercise, down, context.library);
    if (!lower) break;
    const other = ownVersion(lower, line.row, stored, athlete, context);
    if (other && !barred(other))
      return { ...other, eased: ['SAFE-8'], based: null, reasons: [...line.reasons, reason] };
  }
  return easedTo(line, { ...line.dose, amount: Math.max(1, Math.floor(line.dose.amount / 2)) }, reason);
}

/**
 * What an athlete does where their line is barred: a lower rung of the same ladder first, then the line's substitutes,
 * each with its own dose and load, each past every filter; null when nothing is left.
 */
export function substituteFor(
  line: WorkingLine,
  stored: Line,
  bar: Reason,
  athlete: AthleteFacts,
  barred: Barred,
  context: DayContext,
): WorkingLine | null {
  const { library, method } = context;
  const candidates: [Exercise, DoseRowId][] = [];
  for (let down = -1; ; down--) {
    const lower = entryOnRung(line.exercise, down, library);
    if (!lower) break;
    candidates.push([lower, line.row]);
  }
  for (const { exerciseId, row } of stored.substitutes)
    if (library.exercises.has(exerciseId) && exerciseId !== line.exercise.id)
      candidates.push([getExercise(library, exerciseId), row]);
  for (const [exercise, row] of candidates) {
    const own = enoughRow(
      rowForLevel(row, rowCaseOf(athlete, method), context.phase, method),
      exercise,
      athlete,
      method,
    );
    const version = ownVersion(exercise, own, stored, athlete, context);
    const found = version && easeForThree(version, stored, athlete, barred, context);
    if (found && !barred(found))
      return { ...found, reasons: [bar, ...found.reasons.filter(({ code }) => code !== 'bottom_of_range')] };
  }
  return null;
}

/**
 * Another entry as this athlete does it: what they own of it, else the start of its row, never more than the line it
 * stands for leaves room for (clock, slot, primer).
 */
function ownVersion(
  exercise: Exercise,
  row: DoseRowId,
  stored: Line,
  athlete: AthleteFacts,
  context: DayContext,
): WorkingLine | null {
  if (!exercise.qualities.includes(context.method.doses[row].quality)) return null;
  const owned = context.trackOf(athlete.id, exercise.id, row)?.owned?.dose;
  const dose = owned ?? startDose(exercise, row, 'bottom', context);
  if (!dose) return null;
  const own: WorkingLine = { exercise, row, dose, based: dose, eased: [], reasons: [], typed: false };
  const { dose: shown, full } = stored;
  const slotCaps = full !== null && shown.unit === dose.unit && shown.amount < full.dose.amount;
  const sets = Math.min(dose.sets, shown.sets);
  const amount = slotCaps ? Math.min(dose.amount, shown.amount) : dose.amount;
  if (sets === dose.sets && amount === dose.amount) return own;
  return { ...own, dose: { ...dose, sets, amount }, eased: full?.rules ?? ['TIME-1'] };
}
