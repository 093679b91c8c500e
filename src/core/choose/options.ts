import { chooseDose, type Dose, type DoseLevel } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId, Slot } from '../method';
import { doseRange, rungOf } from '../progress';
import type { PreviousLine } from './brief';
import { judgeDay, judgeOption } from './judge-option';
import { rowForLevel, type Context } from './context';

/** One way to fill a slot: an entry at a dose, with the share of the squad for whom it is barred. */
export interface Option {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly barredShare: number;
}

/** A slot with everything that may fill it, in id order. */
export interface SlotOptions {
  readonly slot: Slot;
  readonly options: readonly Option[];
}

/** Rows a slot may be dosed by in this phase (PHASE-3), best first. */
export function slotRows(slot: Slot, { method, brief }: Context): readonly DoseRowId[] {
  const phase = method.phases[brief.phase];
  if (slot.rows === 'strength') return [...phase.lead, ...phase.beside, 'D-ASST'];
  if (slot.rows === 'jump') return phase.jump;
  return slot.rows;
}

/**
 * Candidates of one slot for the squad (SEL-1): by family, pattern, quality, kit, tier, day, and how many may do it.
 * Each entry is dosed by the first row of the slot that fits it, at one or two numbers of sets.
 * @param free leave the coach's pin and the last card aside: everything the slot could hold, for swaps
 */
export function slotOptions(slot: Slot, context: Context, free = false): SlotOptions {
  const { brief, library, method } = context;
  const rows = slotRows(slot, context);
  const guardIds = new Set(context.sport.guards.flatMap((guard) => guard.exercises));
  const pin = free ? undefined : brief.pins[slot.id];
  const previous = brief.previous?.lines.find((line) => line.slot === slot.id);
  const options: Option[] = [];
  for (const exercise of [...library.exercises.values()].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    if (pin ? pin.exerciseId !== exercise.id : !fitsSlot(exercise, slot, guardIds, context)) continue;
    const row = rowFor(exercise, rows, context) ?? (pin ? anyRow(exercise, context) : null);
    if (row === null) continue;
    for (const dose of pin?.dose ? [pin.dose] : doses(exercise, row, previous, context)) {
      if (!pin && judgeDay(exercise, row, dose, null, context)) continue;
      const barred = brief.athletes.filter((athlete) => judgeOption(exercise, row, dose, athlete, context) ?? judgeDay(exercise, row, dose, athlete, context));
      const barredShare = brief.athletes.length === 0 ? 0 : barred.length / brief.athletes.length;
      if (pin || barredShare <= method.settings.choice.maxBarredShare) options.push({ exercise, row, dose, barredShare });
    }
  }
  const kept = free || pin || !brief.keepPrevious ? [] : options.filter(({ exercise }) => exercise.id === previous?.exerciseId);
  return { slot, options: kept.length > 0 ? kept : options };
}

/** Whether an entry belongs in a slot at this place, whoever does it. */
export function fitsSlot(exercise: Exercise, slot: Slot, guardIds: ReadonlySet<string>, { brief }: Context): boolean {
  if (!slot.families.includes(exercise.family)) return false;
  if (slot.patterns.length > 0 && !slot.patterns.includes(exercise.pattern)) return false;
  if (slot.qualities.length > 0 && !exercise.qualities.some((quality) => slot.qualities.includes(quality))) return false;
  if (slot.guard && !guardIds.has(exercise.id)) return false;
  if (slot.maxTier !== null && exercise.plyo && exercise.plyo.tier !== slot.maxTier) return false;
  if (exercise.family === 'trunk' && brief.schools.trunkFlexion === 'avoid' && (exercise.share.trunkFlexion ?? 0) >= 0.6 && exercise.load.kind !== 'bodyweight') return false;
  return hasKit(exercise, brief.place.equipment);
}

const hasKit = ({ equipment }: Exercise, kit: readonly string[]): boolean =>
  equipment.allOf.every((item) => kit.includes(item)) &&
  (equipment.anyOf.length === 0 || equipment.anyOf.some((item) => kit.includes(item)));

/** The first row that trains a quality the entry has and can be written in its unit, made gentler for the squad's level. */
export function rowFor(exercise: Exercise, rows: readonly DoseRowId[], { method, library, liftLevel }: Context): DoseRowId | null {
  for (const wanted of rows) {
    const row = rowForLevel(wanted, liftLevel, method);
    const { quality } = method.doses[row];
    if (exercise.qualities.includes(quality) && doseRange(exercise, method.doses[row], library)) return row;
  }
  return null;
}

function anyRow(exercise: Exercise, { method, library }: Context): DoseRowId | null {
  const ids = Object.keys(method.doses) as DoseRowId[];
  return ids.find((id) => exercise.qualities.includes(method.doses[id].quality) && doseRange(exercise, method.doses[id], library)) ?? null;
}

/** The dose of the last card or at the squad's level, and one set fewer where the range has room, so that time can be found. */
function doses(exercise: Exercise, row: DoseRowId, previous: PreviousLine | undefined, { method, library, doseLevel }: Context): Dose[] {
  const rung = rungOf(exercise, library)?.rung ?? null;
  const levels: DoseLevel[] = doseLevel === 'bottom' ? ['bottom'] : [doseLevel, 'bottom'];
  const carried = previous?.exerciseId === exercise.id && previous.row === row ? [previous.dose] : [];
  const found = [...carried, ...levels.flatMap((level) => chooseDose(method.doses[row], exercise, rung, level, method.settings) ?? [])];
  return found.filter((dose, i) => found.findIndex((other) => other.sets === dose.sets) === i);
}
