import { easeForDay, easeForWeek, plannedMain } from '../../day';
import { chooseDose, type Dose, type DoseLevel } from '../../dose';
import { isFast, type Exercise, type Phase } from '../../library';
import type { DoseRowId, MethodTables, Slot } from '../../method';
import { doseRange, rungOf } from '../../progress';
import type { Line } from '../../session';
import { runningKey } from '../brief';
import { squadDose, type Context } from '../context';

/** A dose a slot may be filled at, with what it would be without clock, slot and day. */
export type SlotDose = Pick<Line, 'dose' | 'full'>;

/**
 * The doses a slot may hold of an entry, each as this day allows it: what the plan writes of a main lift, else what runs
 * and, so that time can be found, that with the fewest sets; else, for what is new, the least, middle and most sets of the
 * row (SEL-9), foundation up to the middle, the cautious the least.
 */
export function slotDoses(exercise: Exercise, row: DoseRowId, slot: Slot, context: Context): SlotDose[] {
  const { method, library, doseLevel, brief } = context;
  const rung = rungOf(exercise, library)?.rung ?? null;
  const at = (of: DoseLevel): Dose | null =>
    chooseDose(method.doses[row], exercise, rung, of, method.settings, brief.schools.jumpRest);
  const level = at(doseLevel);
  // a level of one set has nothing to rest between; more sets of it have
  const rested = (dose: Dose): Dose =>
    dose.sets > 1 && dose.restSeconds === null ? { ...dose, restSeconds: at('top')?.restSeconds ?? null } : dose;
  const range = doseRange(exercise, method.doses[row], library);
  if (!level || !range) return [];
  const [least, most] = range.sets;
  if (slot.fixed) return [ofDay(atOnce({ ...level, ...slot.fixed }), exercise, row, slot, context)];
  // what winds down fits the minutes that are left, whatever it was last time
  if (level.unit === 'minutes' && !method.doses[row].progresses)
    return [...new Set([level.amount, range.amount[0]])].map((amount) =>
      ofDay({ ...level, amount }, exercise, row, slot, context),
    );
  const plan = slot.main ? plannedMain(exercise, row, brief) : null;
  const low = beginsLow(exercise, row, slot, context);
  const isNew = low && !Object.hasOwn(brief.running.doses, runningKey(exercise.id, row));
  const running = plan || isNew ? null : squadDose(exercise.id, row, context);
  if (!plan && !running) {
    const sets = setNumbers(least, most, level.sets, row, slot, context).map((number) =>
      Math.max(1, number - (slot.setsLess ?? 0)),
    );
    const amount = low ? Math.min(level.amount, range.amount[0]) : level.amount;
    return [...new Set(sets)].map((number) =>
      ofDay(rested({ ...level, sets: number, amount }), exercise, row, slot, context),
    );
  }
  // sets and reps run on; how much stays in reserve belongs to the week of the block
  const wanted: Dose = plan
    ? {
        ...level,
        sets: context.fewestSets ? Math.min(least, plan.sets) : plan.sets,
        amount: plan.reps,
        rir: plan.rir,
        tempo: plan.tempo === undefined ? level.tempo : plan.tempo,
      }
    : { ...level, ...running, rir: level.rir, ...restOf(exercise, row, level, context) };
  const full = ofDay(rested(wanted), exercise, row, slot, context);
  // when minutes fail the main lift goes last (WEEK-9): fewer of its sets are tried only where nothing else fits
  if (least >= full.dose.sets || (plan && context.mainsWhole)) return [full];
  // a set that the squad has just earned is no set to save minutes with, unless the week would lack a part for it
  const earned = plan ? null : earnedFrom(exercise, row, context);
  if (earned !== null && !context.stepsWait) return [full];
  const rules = [...(full.full?.rules ?? []), ...(plan ? [] : ['TIME-1'])];
  const fewer = (sets: number): SlotDose => ({
    dose: { ...full.dose, sets },
    full: rules.length > 0 ? { dose: wanted, rules } : null,
  });
  if (earned !== null) return [full, fewer(Math.max(least, earned))];
  const held = plan ? undefined : heldSets(exercise, row, context);
  return held !== undefined && held < full.dose.sets ? [fewer(Math.max(least, held))] : [full, fewer(least)];
}

/** Seconds that everybody keeps to on one clock: a side at a time is changed at half of them (DOSE-8). */
const atOnce = (dose: Dose): Dose => (dose.unit === 'seconds' && dose.per !== null ? { ...dose, sides: 'half' } : dose);

/**
 * A throw or a fast lift beside the mains begins at its fewest reps on a squad's card, whoever owned more of it once: it rises
 * through the block (JUMP-10).
 */
const beginsLow = ({ plyo, ladder, speed }: Exercise, row: DoseRowId, slot: Slot, { method, own }: Context): boolean =>
  !own && !slot.main && !plyo && !ladder && isFast({ speed }) && method.doses[row].fast;

/** The sets from which the line rises by one today (PROG-16); null = it does not. */
function earnedFrom(exercise: Exercise, row: DoseRowId, { brief: { running } }: Context): number | null {
  const key = runningKey(exercise.id, row);
  const step = Object.hasOwn(running.steps, key) ? running.steps[key] : undefined;
  return step?.kind === 'set-up' ? step.from.sets : null;
}

/** Sets a line stays at that the clock has cut before, while others come back (PROG-16). */
function heldSets(exercise: Exercise, row: DoseRowId, { brief: { running } }: Context): number | undefined {
  const key = runningKey(exercise.id, row);
  return Object.hasOwn(running.held, key) ? running.held[key] : undefined;
}

/** The rest of what runs: its level's, or what its outputs have taught, with the reps they ask for (REST-2). */
function restOf(exercise: Exercise, row: DoseRowId, level: Dose, { brief: { running } }: Context): Partial<Dose> {
  const key = runningKey(exercise.id, row);
  const learned = Object.hasOwn(running.rests, key) ? running.rests[key] : undefined;
  if (!learned) return { restSeconds: level.restSeconds };
  return { restSeconds: learned.seconds, ...(learned.today?.kind === 'reps-down' && { amount: learned.amount }) };
}

const LEAST_MAIN_SETS = 2;

/** Sets offered of a line that is new: a main lift its level's, assistance the most only where a session is long. */
function setNumbers(
  least: number,
  most: number,
  level: number,
  row: DoseRowId,
  { main, worth, block }: Slot,
  { fewestSets, mainsWhole, rows, brief, method }: Context,
): number[] {
  const middle = Math.floor((least + most) / 2);
  // beside a power lead the strength row keeps its fewest (BLOCK-5)
  if (fewestSets || (main && isBesidePower(row, brief.phase, method))) return [least];
  if (brief.phase === 'transition') return main ? [level] : [least];
  const top = rows.liftLevel === 'foundation' ? middle : most;
  if (main) {
    // the way up to a load is longer than a set of it: one set alone only where no second fits (ORD-7)
    const whole = Math.max(level, Math.min(LEAST_MAIN_SETS, most));
    return mainsWhole ? [whole] : [whole, least];
  }
  const isAssistance = block !== 'jumps' && block !== 'power' && worth > 0;
  const isLong = brief.minutes >= method.settings.choice.longSession;
  return isAssistance && !isLong ? [middle, least] : [top, middle, least];
}

const isBesidePower = (row: DoseRowId, phase: Phase, { phases, doses }: MethodTables): boolean =>
  doses[row].quality === 'max-strength' &&
  phases[phase].beside.includes(row) &&
  phases[phase].lead.some((lead) => doses[lead].quality === 'power');

function ofDay(wanted: Dose, exercise: Exercise, row: DoseRowId, { cap }: Slot, context: Context): SlotDose {
  const { method } = context;
  const capped = cap
    ? { ...wanted, sets: Math.min(wanted.sets, cap.sets), amount: Math.min(wanted.amount, cap.amount) }
    : wanted;
  const { dose: lighter, rule } = easeForWeek(capped, row, context);
  const eased = easeForDay(lighter, exercise, row, context);
  const rules = [
    ...(cap && method.doses[row].progresses && (capped.sets < wanted.sets || capped.amount < wanted.amount)
      ? ['SEL-7']
      : []),
    ...(rule === null ? [] : [rule]),
    ...(eased === lighter ? [] : ['WEEK-2']),
  ];
  return { dose: eased, full: rules.length > 0 ? { dose: wanted, rules } : null };
}
