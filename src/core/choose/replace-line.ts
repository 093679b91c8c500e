import type { AthleteFacts } from '../athlete';
import { chooseDose, doseLevelFor } from '../dose';
import { doseRange, entryOnRung, rungOf } from '../progress';
import type { Reason } from '../result';
import { actsOn } from '../safety';
import { isKnown, type Context } from './context';
import type { Option } from './options';
import { bars, type OwnLine } from './own-line';

/** A complaint at 3 puts ladder work on its place one rung down, on the lowest half the dose (SAFE-8). */
export function easeForThree(own: OwnLine, athlete: AthleteFacts, { library, method }: Context): OwnLine {
  const three = athlete.complaints.find(
    (c) => c.column === 'three' && own.exercise.ladder && actsOn(own.exercise, c.place, method),
  );
  if (!three) return own;
  const reason: Reason = {
    code: 'eased_for_complaint',
    rules: ['SAFE-2', 'SAFE-8'],
    facts: { place: three.place, score: three.score },
  };
  const lower = entryOnRung(own.exercise, -1, library);
  const range = lower && doseRange(lower, method.doses[own.row], library);
  if (!lower || !range)
    return {
      ...own,
      dose: { ...own.dose, amount: Math.max(1, Math.floor(own.dose.amount / 2)) },
      reasons: [...own.reasons, reason],
    };
  return {
    ...own,
    exercise: lower,
    dose: { ...own.dose, sets: range.sets[0], amount: range.amount[0], unit: lower.doseUnit, per: lower.per },
    reasons: [...own.reasons, reason],
  };
}

/** A lower rung of the same ladder first, then the slot's best entry the athlete may do, else nothing. */
export function replace(
  own: OwnLine,
  bar: Reason,
  athlete: AthleteFacts,
  substitutes: readonly Option[],
  taken: ReadonlySet<string>,
  context: Context,
): OwnLine | null {
  const { library, method, brief } = context;
  const level = doseLevelFor(athlete.liftLevel, isKnown(athlete), brief.weekOfBlock);
  for (let down = -1; ; down--) {
    const lower = entryOnRung(own.exercise, down, library);
    if (!lower) break;
    const row = lower.qualities.includes(method.doses[own.row].quality) ? own.row : null;
    const dose =
      row && chooseDose(method.doses[row], lower, rungOf(lower, library)?.rung ?? null, level, method.settings);
    if (row && dose && !taken.has(lower.id) && !bars(lower, row, dose, athlete, context))
      return { exercise: lower, row, dose, reasons: [bar] };
  }
  const other = substitutes.find(
    ({ exercise, row, dose }) =>
      exercise.id !== own.exercise.id && !taken.has(exercise.id) && !bars(exercise, row, dose, athlete, context),
  );
  if (!other) return null;
  return {
    exercise: other.exercise,
    row: other.row,
    dose: { ...other.dose, sets: Math.min(other.dose.sets, own.dose.sets) },
    reasons: [bar],
  };
}
