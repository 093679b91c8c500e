import type { Dose } from '../dose';
import { getExercise, type Exercise } from '../library';
import type { DoseRowId, Slot } from '../method';
import { doseRange } from '../progress';
import type { PreviousLine } from './brief';
import { judgeDay, judgeOption } from './judge-option';
import { enoughForMost } from './enough';
import { fitsSlot } from './fits-slot';
import { slotDoses } from './slot-doses';
import { rowForLevel, type Context } from './context';

/** One way to fill a slot: an entry at a dose, with the share of the squad for whom it is barred. */
export interface Option {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly barredShare: number;
}

/** A slot with what may fill it, in id order. `free` leaves the coach's pin and the last card aside: it is what swaps offer. */
export interface SlotOptions {
  readonly slot: Slot;
  readonly options: readonly Option[];
  readonly free: readonly Option[];
}

/** Rows a slot may be dosed by in this phase (PHASE-3), best first. */
function slotRows(slot: Slot, { method, brief }: Context): readonly DoseRowId[] {
  const phase = method.phases[brief.phase];
  const rows =
    slot.rows === 'strength'
      ? ([...phase.lead, ...phase.beside, 'D-ASST'] as const)
      : slot.rows === 'jump'
        ? phase.jump
        : slot.rows;
  // a slot that names qualities is dosed for one of them, not for another its entry happens to have
  return slot.qualities.length === 0 ? rows : rows.filter((row) => slot.qualities.includes(method.doses[row].quality));
}

/**
 * Candidates of one slot for the squad (SEL-1): by family, pattern, quality, kit, tier, day, and how many may do it.
 * A main slot falls back on its last row only when nothing takes a better one. Each entry is dosed by the first row of
 * the slot that fits it, at one or two numbers of sets. A pin of the coach stands alone, and a line of the last card
 * stays where it may (BLOCK-2).
 */
export function slotOptions(slot: Slot, context: Context): SlotOptions {
  const { brief, library } = context;
  const rows = slotRows(slot, context);
  const previous = brief.previous?.lines.find((line) => line.slot === slot.id);
  const guardIds = new Set([
    ...context.sport.guards.flatMap(({ exercises }) => exercises),
    ...brief.athletes.flatMap(({ pastInjuries }) => pastInjuries.flatMap(({ guards }) => guards)),
  ]);
  const all = context.exercises
    .filter((exercise) => fitsSlot(exercise, slot, guardIds, context))
    .flatMap((exercise) => dosed(exercise, rows, slot, previous, context));
  const lead = slot.main ? all.filter(({ row }) => row !== rows.at(-1)) : [];
  const free = lead.length > 0 ? lead : all;
  const pin = brief.pins[slot.id];
  if (pin) {
    const exercise = getExercise(library, pin.exerciseId);
    const row = rowFor(exercise, rows, context) ?? anyRow(exercise, context);
    const own = row === null ? [] : pin.dose ? [pin.dose] : slotDoses(exercise, row, slot, previous, context);
    return {
      slot,
      free,
      options:
        row === null
          ? []
          : own.map((dose) => ({ exercise, row, dose, barredShare: barredShare(exercise, row, dose, context) })),
    };
  }
  const kept = brief.keepPrevious ? free.filter(({ exercise }) => exercise.id === previous?.exerciseId) : [];
  return { slot, free, options: kept.length > 0 ? kept : free };
}

function dosed(
  exercise: Exercise,
  rows: readonly DoseRowId[],
  slot: Slot,
  previous: PreviousLine | undefined,
  context: Context,
): Option[] {
  const row = rowFor(exercise, rows, context);
  if (row === null) return [];
  return slotDoses(exercise, row, slot, previous, context).flatMap((dose) => {
    if (judgeDay(exercise, row, dose, null, context)) return [];
    const share = barredShare(exercise, row, dose, context);
    return share <= context.method.settings.choice.maxBarredShare ? [{ exercise, row, dose, barredShare: share }] : [];
  });
}

/** The share of the squad for whom an entry at a dose is barred today, 0–1; remembered, since slots share entries. */
function barredShare(exercise: Exercise, row: DoseRowId, dose: Dose, context: Context): number {
  const { athletes } = context.brief;
  if (athletes.length === 0) return 0;
  const key = [exercise.id, row, dose.sets, dose.amount, dose.rir, dose.percent].join('|');
  const known = context.barredShares.get(key);
  if (known !== undefined) return known;
  const barred = athletes.filter(
    (athlete) => judgeOption(exercise, row, dose, athlete, context) ?? judgeDay(exercise, row, dose, athlete, context),
  );
  const share = barred.length / athletes.length;
  context.barredShares.set(key, share);
  return share;
}

/** The first row that trains a quality the entry has and can be written in its unit, made gentler for the squad's level. */
function rowFor(
  exercise: Exercise,
  rows: readonly DoseRowId[],
  { method, library, liftLevel, brief }: Context,
): DoseRowId | null {
  for (const wanted of rows) {
    const row = enoughForMost(rowForLevel(wanted, liftLevel, method), exercise, brief.athletes, method);
    const { quality } = method.doses[row];
    if (exercise.qualities.includes(quality) && doseRange(exercise, method.doses[row], library)) return row;
  }
  return null;
}

function anyRow(exercise: Exercise, { method, library }: Context): DoseRowId | null {
  const ids = Object.keys(method.doses) as DoseRowId[];
  return (
    ids.find(
      (id) => exercise.qualities.includes(method.doses[id].quality) && doseRange(exercise, method.doses[id], library),
    ) ?? null
  );
}
