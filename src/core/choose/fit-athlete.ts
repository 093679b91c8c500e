import { type AthleteFacts } from '../athlete';
import { daysBetween } from '../calendar';
import { chooseDose, doseLevelFor, prescribeLoad, type Dose } from '../dose';
import { type Exercise, getExercise } from '../library';
import type { DoseRowId } from '../method';
import { afterLayoff, doseRange, entryOnRung, rungOf } from '../progress';
import type { Reason } from '../result';
import { actsOn } from '../safety';
import type { Line, Override } from '../session';
import type { CarriedLine } from './brief';
import { isKnown, rowForLevel, type Context } from './context';
import { easeForDay } from './ease-for-day';
import { judgeDay, judgeOption } from './judge-option';
import type { Option } from './options';

interface OwnLine {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly reasons: readonly Reason[];
}

/**
 * What one athlete does on one line when it differs from the squad's, or null (SEL-6): own rung or replacement where
 * something bars the line, own row and sets by level, what was carried from the last card, and own load.
 * @param substitutes what the slot could hold, best first
 * @param taken entries already on the athlete's card
 */
export function fitAthlete(
  line: Line,
  athlete: AthleteFacts,
  substitutes: readonly Option[],
  taken: ReadonlySet<string>,
  context: Context,
): Override | null {
  const { brief, library } = context;
  const base = { slot: line.slot, athleteId: athlete.id };
  const typed = brief.typedOverrides.find((own) => own.slot === line.slot && own.athleteId === athlete.id);
  if (
    typed &&
    (typed.exerciseId === null ||
      !bars(getExercise(library, typed.exerciseId), typed.row, typed.dose, athlete, context))
  )
    return typed;

  const previous = brief.previous?.lines.find((old) => old.slot === line.slot && old.exerciseId === line.exerciseId);
  const carried = previous?.own.find((own) => own.athleteId === athlete.id);
  const own =
    carried && !line.pinned && continues(carried, line, taken, context)
      ? fromCarried(carried, line, athlete, context)
      : withCarriedLoad(fromLine(line, athlete, context), carried);
  const bar = bars(own.exercise, own.row, own.dose, athlete, context);
  const fitted = bar
    ? (keepSubstitute(carried, bar, athlete, taken, context) ?? replace(own, bar, athlete, substitutes, taken, context))
    : easeForThree(own, athlete, context);
  if (!fitted)
    return { ...base, exerciseId: null, row: line.row, dose: line.dose, reasons: bar ? [bar] : [], typed: false };

  const strength = {
    e1rmKg: fitted.exercise.load.oneRepMax ? (athlete.e1rmKg[fitted.exercise.load.oneRepMax.lift] ?? null) : null,
    ageYears: athlete.ageYears,
  };
  const loaded =
    fitted.dose.loadKg !== null
      ? { dose: fitted.dose, reason: null }
      : prescribeLoad(
          fitted.dose,
          fitted.exercise,
          context.method.doses[fitted.row],
          strength,
          brief.place.loading,
          context.method,
        );
  const reasons = [...fitted.reasons, ...(loaded.reason ? [loaded.reason] : [])];
  const same = fitted.exercise.id === line.exerciseId && fitted.row === line.row && sameDose(loaded.dose, line.dose);
  return same
    ? null
    : { ...base, exerciseId: fitted.exercise.id, row: fitted.row, dose: loaded.dose, reasons, typed: false };
}

/** A carried line goes on when it is the line's own entry or another rung of its ladder that nothing else holds. */
function continues(
  carried: CarriedLine,
  line: Line,
  taken: ReadonlySet<string>,
  { library, method }: Context,
): boolean {
  if (carried.exerciseId === null || !method.doses[carried.row].progresses) return false;
  if (carried.exerciseId === line.exerciseId) return true;
  const ladder = getExercise(library, line.exerciseId).ladder?.id;
  return (
    ladder !== undefined &&
    getExercise(library, carried.exerciseId).ladder?.id === ladder &&
    !taken.has(carried.exerciseId)
  );
}

/** A dose of the coach's own sets the sets and reps; the load each athlete has come to stays. */
const withCarriedLoad = (own: OwnLine, carried: CarriedLine | undefined): OwnLine =>
  carried?.exerciseId === own.exercise.id &&
  carried.row === own.row &&
  carried.dose.loadKg !== null &&
  own.dose.loadKg === null
    ? { ...own, dose: { ...own.dose, loadKg: carried.dose.loadKg } }
    : own;

/** While the bar stands, last time's substitute goes on with its own dose. */
function keepSubstitute(
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

const bars = (exercise: Exercise, row: DoseRowId, dose: Dose, athlete: AthleteFacts, context: Context): Reason | null =>
  judgeOption(exercise, row, dose, athlete, context) ?? judgeDay(exercise, row, dose, athlete, context);

/** The squad's line with the athlete's own row and, at foundation level or while tiers are unknown, the bottom of the range. */
function fromLine(line: Line, athlete: AthleteFacts, context: Context): OwnLine {
  const { library, method, brief, doseLevel } = context;
  const exercise = getExercise(library, line.exerciseId);
  const row = rowForLevel(line.row, athlete.liftLevel, method);
  const level = doseLevelFor(athlete.liftLevel, isKnown(athlete), brief.weekOfBlock);
  if (row === line.row && (line.pinned || level === doseLevel || level !== 'bottom'))
    return { exercise, row: line.row, dose: line.dose, reasons: [] };
  const rung = rungOf(exercise, library)?.rung ?? null;
  const dose = easeForDay(
    chooseDose(method.doses[row], exercise, rung, level, method.settings) ?? line.dose,
    exercise,
    context,
  );
  const rule = isKnown(athlete) ? 'PHASE-3' : 'START-2';
  const changed = dose.sets < line.dose.sets || dose.amount !== line.dose.amount || row !== line.row;
  return changed
    ? {
        exercise,
        row,
        dose: { ...dose, sets: Math.min(dose.sets, line.dose.sets) },
        reasons: [
          { code: 'bottom_of_range', rules: [rule], facts: { level: athlete.liftLevel, known: isKnown(athlete) } },
        ],
      }
    : { exercise, row: line.row, dose: line.dose, reasons: [] };
}

/** What the athlete did here last time, with accepted changes, made easier after a layoff (PROG-7). */
function fromCarried(carried: CarriedLine, line: Line, athlete: AthleteFacts, context: Context): OwnLine {
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

/** A complaint at 3 puts ladder work on its place one rung down, on the lowest half the dose (SAFE-8). */
function easeForThree(own: OwnLine, athlete: AthleteFacts, { library, method }: Context): OwnLine {
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
function replace(
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

const sameDose = (a: Dose, b: Dose): boolean =>
  a.sets === b.sets &&
  a.amount === b.amount &&
  a.unit === b.unit &&
  a.per === b.per &&
  a.percent === b.percent &&
  a.loadKg === b.loadKg &&
  a.rir === b.rir &&
  a.restSeconds === b.restSeconds &&
  a.tempo === b.tempo;
