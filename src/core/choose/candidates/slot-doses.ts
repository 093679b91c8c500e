import { chooseDose, type Dose, type DoseLevel } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId, Slot } from '../method';
import { rungOf } from '../progress';
import type { PreviousLine } from './brief';
import type { Context } from './context';
import { easeForDay } from './ease-for-day';

/** The dose of the last card or at the squad's level, and one set fewer where the range has room, so that time can be found. */
export function slotDoses(
  exercise: Exercise,
  row: DoseRowId,
  slot: Slot,
  previous: PreviousLine | undefined,
  context: Context,
): Dose[] {
  const { method, library, doseLevel } = context;
  const rung = rungOf(exercise, library)?.rung ?? null;
  const levels: DoseLevel[] = doseLevel === 'bottom' ? ['bottom'] : [doseLevel, 'bottom'];
  const fresh = levels.flatMap(
    (level) =>
      chooseDose(method.doses[row], exercise, rung, level, method.settings, context.brief.schools.jumpRest) ?? [],
  );
  // sets and reps are carried; how much stays in reserve belongs to the day
  const carried =
    previous?.exerciseId === exercise.id && previous.row === row
      ? [{ ...previous.dose, rir: fresh[0]?.rir ?? previous.dose.rir }]
      : [];
  const found = [...carried, ...fresh].map((dose) => easeForDay(dose, exercise, context));
  const { cap } = slot;
  const capped = cap
    ? found.map((dose) => ({ ...dose, sets: Math.min(dose.sets, cap.sets), amount: Math.min(dose.amount, cap.amount) }))
    : found;
  return capped.filter((dose, i) => capped.findIndex((other) => other.sets === dose.sets) === i);
}
