import type { AthleteFacts } from '../athlete';
import type { Exercise } from '../library';
import { rowForLevel, type Dose } from '../dose';
import type { DoseRowId } from '../method';
import { isMainSlot, type Card, type Line } from '../session';
import { doseRange } from '../progress';
import { trainsGently, type DayContext } from './day-context';
import { reasonsFor } from './base-reasons';
import { ownEntry, ownRung } from './own-entry';
import { enoughRow, rowCaseOf } from './row-for-athlete';
import { lessened, squadLoadKg } from './squad-part';
import { athleteLevel, startDose } from './start-dose';
import { isAway } from './ease-for-layoff';
import { withCap, withCaution } from './base-limits';
import type { WorkingLine } from './working-line';
import { plannedMain } from './working-max';

/**
 * What an athlete would do on a line if nothing held today: what a person typed, else the squad's line at the
 * athlete's own load (on an own card what the athlete owns), else the start of its row.
 * @returns null when the coach left the line out for this athlete, or put it there for others
 */
export function baseLine(
  line: Line,
  athlete: AthleteFacts,
  typed: Card['typed'],
  context: DayContext,
): WorkingLine | null {
  const { library, method } = context;
  if (line.only && !line.only.includes(athlete.id)) return null;
  const own = typed.find(({ slot, athleteId }) => slot === line.slot && athleteId === athlete.id);
  if (own) {
    if (own.exerciseId === null) return null;
    const exercise = library.exercises.get(own.exerciseId);
    if (exercise)
      return {
        exercise,
        row: own.row,
        dose: own.dose,
        based: own.dose,
        eased: [],
        reasons: [{ code: 'pinned', rules: ['SEL-3'], facts: {} }],
        typed: true,
      };
  }
  const levelled = rowForLevel(line.row, rowCaseOf(athlete, method), context.phase, method);
  const entry = ownEntry(line, athlete, context);
  const row = enoughRow(levelled, entry, athlete, method);
  const exercise = ownRung(entry, athlete, row, context);
  const same = exercise.id === line.exerciseId && row === line.row;
  const full = line.full?.dose ?? line.dose;
  if (line.typed && same) return asTyped(line, exercise, athlete, context);
  const holds = context.trackOf(athlete.id, exercise.id, row)?.owned ?? null;
  const owned = holds?.dose ?? null;
  const level = athleteLevel(athlete, context);
  const fresh = same && level !== 'bottom' ? full : (startDose(exercise, row, level, context) ?? full);
  const asPlanned = same && isMainSlot(line.slot) ? plannedMain(exercise, row, context) : null;
  // getting warm is the same for everybody
  const together = same && !method.doses[row].progresses;
  // a squad moves together; who comes back from a layoff has a way of their own until the old values stand (PROG-7, PROG-16)
  const track = context.trackOf(athlete.id, exercise.id, row);
  const comesBack = holds?.by === 'layoff' || (track?.before ?? null) !== null || isAway(athlete, context);
  const withSquad = same && !context.own && holds !== null && !comesBack;
  const dose: Dose = together
    ? full
    : asPlanned || withSquad
      ? { ...full, percent: null, loadKg: squadLoadKg(track, full, asPlanned !== null, method) }
      : owned
        ? {
            ...owned,
            // what its outputs ask for is written on the line (REST-2)
            amount: same && context.own && exercise.plyo ? Math.min(owned.amount, full.amount) : owned.amount,
            rir: same ? full.rir : owned.rir,
            restSeconds: same ? full.restSeconds : owned.restSeconds,
            ...(same && full.sides && { sides: full.sides }),
          }
        : {
            ...fresh,
            // where more reps are not the gentler way, nobody begins above the squad
            amount: same && method.doses[row].rir === null ? Math.min(fresh.amount, full.amount) : fresh.amount,
            sets: same ? Math.min(freshSets(exercise, row, fresh, athlete, context), full.sets) : fresh.sets,
          };
  const base: WorkingLine = {
    exercise,
    row,
    dose,
    based: dose,
    eased: [],
    reasons: reasonsFor({ line, row, levelled, exercise, dose, full, holds }, athlete, context),
    typed: false,
  };
  return lessened(withCap(withCaution(base, athlete, context), line), line, athlete, context);
}

/**
 * Sets an athlete does of a line new to them: who is to be cautious the fewest; foundation as the squad does, up to the
 * middle of the range, since a squad's card has one number of sets (SEL-8, SEL-9).
 */
function freshSets(
  exercise: Exercise,
  row: DoseRowId,
  fresh: Dose,
  athlete: AthleteFacts,
  { method, library }: DayContext,
): number {
  const range = doseRange(exercise, method.doses[row], library);
  return range && athlete.caution === 'none' && !trainsGently(athlete)
    ? Math.max(fresh.sets, Math.floor((range.sets[0] + range.sets[1]) / 2))
    : fresh.sets;
}

/** The squad's typed dose as it stands; a load the athlete has come to stays where none was typed (DOSE-12). */
function asTyped(line: Line, exercise: Exercise, athlete: AthleteFacts, context: DayContext): WorkingLine {
  const { dose } = line;
  const owned = context.trackOf(athlete.id, exercise.id, line.row)?.owned?.dose;
  // a load come to at other reps or another reserve says nothing of these
  const fits = dose.percent === null && owned?.amount === dose.amount && owned.rir === dose.rir;
  const written = { ...dose, loadKg: dose.loadKg ?? (fits ? owned.loadKg : null) };
  return { exercise, row: line.row, dose: written, based: written, eased: [], reasons: [], typed: true };
}
