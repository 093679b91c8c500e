import { enoughForMost, judgeDay, judgeOption } from '../../day';
import { rowForLevel, type Dose } from '../../dose';
import { getExercise, leadsUnloaded, suitsOf, type Exercise } from '../../library';
import type { DoseRowId, Slot } from '../../method';
import { doseRange } from '../../progress';
import type { Line } from '../../session';
import type { Pin } from '../brief';
import type { Context } from '../context';
import { fitsSlot } from './fits-slot';
import { slotDoses } from './slot-doses';
import { takesRow } from './takes-row';

/** One way to fill a slot: an entry at a dose, with the share of the squad for whom it is barred. */
export interface Option extends Pick<Line, 'row' | 'dose' | 'full'> {
  readonly exercise: Exercise;
  readonly barredShare: number;
}

/**
 * A slot with what may fill it, in id order. `free` leaves the coach's pin and what runs aside: it is what swaps offer.
 * `beyond`: what the slot takes when its role does not narrow it, for who may do nothing of the rest.
 */
export interface SlotOptions {
  readonly slot: Slot;
  readonly options: readonly Option[];
  readonly free: readonly Option[];
  readonly beyond: readonly Option[];
}

/** Rows a slot may be dosed by in this phase (PHASE-3), best first. */
function slotRows(slot: Slot, { method, brief }: Context): readonly DoseRowId[] {
  const phase = method.phases[brief.phase];
  const rows =
    slot.rows === 'strength'
      ? ([...phase.lead, ...phase.beside, 'D-ASST'] as const)
      : slot.rows === 'jump'
        ? (brief.jumpRows ?? phase.jump)
        : slot.rows === 'power'
          ? [...phase.lead, ...phase.beside].filter((row) => method.doses[row].quality === 'power')
          : slot.rows;
  // a slot that names qualities is dosed for one of them, not for another its entry happens to have
  return slot.qualities.length === 0
    ? rows
    : rows.filter((row) => method.doses[row].anyQuality || slot.qualities.includes(method.doses[row].quality));
}

/**
 * Candidates of one slot for the squad (SEL-1): by family, pattern, quality, kit, tier, day, and how many may do it.
 * A main slot takes what has a load that can be set; a squad without one leads with its hardest own-body and single-leg
 * work (SEL-10). Each entry is dosed by the first row of the slot that fits it, at one to three numbers of sets. A pin of
 * the coach stands alone, and what runs stays where it may (BLOCK-2).
 */
export function slotOptions(slot: Slot, context: Context): SlotOptions {
  const { brief } = context;
  const rows = slotRows(slot, context);
  const guardIds = new Set([
    ...context.sport.guards.flatMap(({ exercises }) => exercises),
    ...brief.athletes.flatMap(({ pastInjuries }) => pastInjuries.flatMap(({ guards }) => guards)),
  ]);
  const of = (wanted: Slot, may: (exercise: Exercise) => boolean, by: readonly DoseRowId[] = rows): Option[] =>
    context.exercises
      .filter((exercise) => may(exercise) && fitsSlot(exercise, wanted, guardIds, context))
      .flatMap((exercise) => dosed(exercise, by, wanted, context));
  // of loaded lifts those in a strength row; assistance only where nothing takes a better one
  const loaded = slot.main ? of(slot, (exercise) => suitsOf(exercise).includes('main')) : [];
  const strong = loaded.filter(({ row }) => row !== rows.at(-1));
  const all = slot.main ? (strong.length > 0 ? strong : loaded) : of(slot, () => true);
  const free =
    all.length > 0 ? all : slot.main ? of(unloaded(slot), leadsUnloaded) : of(slot, () => true, slot.spareRows);
  const pin = Object.hasOwn(brief.pins, slot.id) ? brief.pins[slot.id] : undefined;
  if (pin) return { slot, free, beyond: [], options: pinned(pin, rows, slot, context) };
  if (slot.block === 'prep') return { slot, free, beyond: [], options: free };
  const running = Object.hasOwn(brief.running.entries, slot.id) ? brief.running.entries[slot.id] : undefined;
  const kept = brief.keepRunning ? free.filter(({ exercise }) => exercise.id === running) : [];
  return { slot, free, beyond: [], options: kept.length > 0 ? kept : free };
}

/**
 * A main slot where no load can be set: single-leg work of the same dominance may lead too. One that a school's squat
 * narrows is led by the knees, whatever bar the school squats with.
 */
const unloaded = (slot: Slot): Slot => ({
  ...slot,
  patterns: [],
  families: (slot.patterns.length > 0 ? slot.families.filter((family) => family !== 'hinge') : slot.families).flatMap(
    (family) =>
      family === 'squat' ? ['squat', 'single-leg-knee'] : family === 'hinge' ? ['hinge', 'single-leg-hip'] : [family],
  ),
});

/** A pinned line with its own dose, or dosed for the slot. */
function pinned(pin: Pin, rows: readonly DoseRowId[], slot: Slot, context: Context): Option[] {
  const exercise = getExercise(context.library, pin.exerciseId);
  const of = (row: DoseRowId, dose: Dose, full: Line['full']): Option => ({
    exercise,
    row,
    dose,
    full,
    barredShare: barredShare(exercise, row, dose, context),
  });
  if (pin.dosed) return [of(pin.dosed.row, pin.dosed.dose, pin.dosed.full)];
  const row = rowFor(exercise, rows, context) ?? anyRow(exercise, context);
  return row === null ? [] : slotDoses(exercise, row, slot, context).map(({ dose, full }) => of(row, dose, full));
}

function dosed(exercise: Exercise, rows: readonly DoseRowId[], slot: Slot, context: Context): Option[] {
  const row = rowFor(exercise, rows, context);
  if (row === null) return [];
  return slotDoses(exercise, row, slot, context).flatMap(({ dose, full }) => {
    if (judgeDay(exercise, row, dose, null, context)) return [];
    const share = barredShare(exercise, row, dose, context);
    return share <= context.method.settings.choice.maxBarredShare
      ? [{ exercise, row, dose, full, barredShare: share }]
      : [];
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
    (athlete) =>
      judgeOption({ exercise, row, dose }, athlete, context, false) ?? judgeDay(exercise, row, dose, athlete, context),
  );
  const share = barred.length / athletes.length;
  context.barredShares.set(key, share);
  return share;
}

/** The first row that trains a quality the entry has and can be written in its unit, made gentler for the squad's level. */
function rowFor(
  exercise: Exercise,
  rows: readonly DoseRowId[],
  { method, library, rows: level, brief }: Context,
): DoseRowId | null {
  for (const wanted of rows) {
    const row = enoughForMost(rowForLevel(wanted, level, brief.phase, method), exercise, brief.athletes, method);
    const { quality, anyQuality } = method.doses[row];
    const isFor = (anyQuality ?? false) || exercise.qualities.includes(quality);
    if (isFor && takesRow(exercise, row, brief.phase, method) && doseRange(exercise, method.doses[row], library))
      return row;
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
