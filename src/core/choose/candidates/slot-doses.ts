import { easeForDay, easeForWeek, plannedMain } from '../../day';
import { chooseDose, type Dose } from '../../dose';
import type { Exercise } from '../../library';
import type { DoseRowId, Slot } from '../../method';
import { rungOf } from '../../progress';
import type { Line } from '../../session';
import { squadDose, type Context } from '../context';

/** A dose a slot may be filled at, with what it would be without clock, slot and day. */
export type SlotDose = Pick<Line, 'dose' | 'full'>;

/**
 * The squad's running dose, else the row's at the squad's level; and one with the fewest sets, so that time can be found.
 * Each as this day allows it.
 */
export function slotDoses(exercise: Exercise, row: DoseRowId, slot: Slot, context: Context): SlotDose[] {
  const { method, library, doseLevel, brief } = context;
  const rung = rungOf(exercise, library)?.rung ?? null;
  const at = (level: typeof doseLevel): Dose | null =>
    chooseDose(method.doses[row], exercise, rung, level, method.settings, brief.schools.jumpRest);
  const [level, bottom] = [at(doseLevel), at('bottom')];
  if (!level || !bottom) return [];
  const plan = slot.main ? plannedMain(exercise, row, brief) : null;
  const running = plan ? null : squadDose(exercise.id, row, context);
  // sets and reps run on; how much stays in reserve belongs to the week of the block
  const wanted: Dose = plan
    ? {
        ...level,
        sets: context.fewestSets ? Math.min(bottom.sets, plan.sets) : plan.sets,
        amount: plan.reps,
        rir: plan.rir,
      }
    : running
      ? { ...running, rir: level.rir, restSeconds: level.restSeconds }
      : { ...level, sets: Math.max(1, (context.fewestSets ? bottom.sets : level.sets) - (slot.setsLess ?? 0)) };
  const full = ofDay(wanted, exercise, row, slot, context);
  // when minutes fail the main lift goes last (WEEK-9): fewer of its sets are tried only where nothing else fits
  if (bottom.sets >= full.dose.sets || (plan && context.mainsWhole)) return [full];
  const fewer = { ...full.dose, sets: bottom.sets };
  const rules = [...(full.full?.rules ?? []), ...(running ? ['TIME-1'] : [])];
  return [full, { dose: fewer, full: rules.length > 0 ? { dose: wanted, rules } : null }];
}

function ofDay(wanted: Dose, exercise: Exercise, row: DoseRowId, { cap }: Slot, context: Context): SlotDose {
  const capped = cap
    ? { ...wanted, sets: Math.min(wanted.sets, cap.sets), amount: Math.min(wanted.amount, cap.amount) }
    : wanted;
  const lighter = easeForWeek(capped, row, context);
  const eased = easeForDay(lighter, exercise, row, context);
  const rules = [
    ...(cap && (capped.sets < wanted.sets || capped.amount < wanted.amount) ? ['SEL-7'] : []),
    ...(lighter === capped ? [] : ['BLOCK-1']),
    ...(eased === lighter ? [] : ['WEEK-2']),
  ];
  return { dose: eased, full: rules.length > 0 ? { dose: wanted, rules } : null };
}
