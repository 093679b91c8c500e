import type { AthleteFacts } from '../athlete';
import { getExercise, type Exercise } from '../library';
import type { Reason } from '../result';
import { isUngated, type Line } from '../session';
import type { DayContext } from './day-context';
import { without, type DayLine } from './day-line';
import { withLoad } from './day-load';
import { judgeDay } from './judge-day';
import { judgeOption } from './judge-option';
import {
  isAtMost,
  isDoing,
  isForComplaint,
  lineVariants,
  ownsLoad,
  writtenKey,
  type Doing,
  type Written,
} from './line-variants';
import { landingCost } from './trim-contacts';
import { plannedLoadKg } from './working-max';

/** An athlete's whole day, in the order of the card's lines. */
export interface AthleteDay {
  readonly athlete: AthleteFacts;
  readonly lines: readonly DayLine[];
}

/**
 * One card that can be run (SEL-8): each line is written in at most four doses, and who would need another does the
 * nearest more cautious of them, or is without. What was typed or begun stands. The last thing done to a day: what an
 * athlete owns is not touched by it.
 */
export function capDoses(
  lines: readonly Line[],
  days: readonly AthleteDay[],
  context: DayContext,
): readonly AthleteDay[] {
  const capped = days.map(({ lines: of }) => [...of]);
  lines.forEach((line, at) => {
    const cells = days.map((day, i): Cell => ({ ...day, line, now: capped[i]?.[at], others: capped[i] ?? [] }));
    const doing = cells.flatMap(({ now }) => (now && isDoing(now) ? [now] : []));
    const athletes = new Map(cells.map((cell) => [cell.athlete.id, cell]));
    const fits = (cell: Doing, by: readonly Written[]): boolean => {
      const of = athletes.get(cell.athleteId);
      return of !== undefined && nearest(of, cell, by, context.forAthlete(cell.athleteId)) !== null;
    };
    const written = lineVariants(line, doing, fits, context);
    cells.forEach((cell, i) => {
      const { now } = cell;
      const of = capped[i];
      if (now && of)
        of[at] = isDoing(now)
          ? capLine(cell, now, line, written, context.forAthlete(cell.athlete.id))
          : { ...now, variant: 'without' };
    });
  });
  return days.map((day, i) => ({ ...day, lines: capped[i] ?? day.lines }));
}

interface Cell extends AthleteDay {
  readonly line: Line;
  readonly now: DayLine | undefined;
  /** the athlete's day as it stands capped so far */
  readonly others: readonly DayLine[];
}

function capLine(cell: Cell, now: Doing, line: Line, written: readonly Written[], context: DayContext): DayLine {
  const same = written.find((one) => writtenKey(one) === writtenKey(now));
  if (now.typed && !line.typed) return { ...now, variant: 'typed' };
  if (now.begun || now.typed || same) return { ...now, variant: same?.variant ?? 'squad' };
  const to = nearest(cell, now, written, context);
  if (to) return asWritten(cell, now, to, context);
  const why = now.reasons.find(({ code }) => code !== 'load_from_e1rm' && code !== 'load_to_be_found') ?? null;
  return { ...without(line, cell.athlete, why ?? NO_ROOM), variant: 'without' };
}

const NO_ROOM: Reason = { code: 'no_dose_left', rules: ['SEL-8'], facts: {} };

/** The nearest of the written doses that is no more than the athlete's own, and that nothing bars for them. */
function nearest(cell: Cell, own: Doing, written: readonly Written[], context: DayContext): Written | null {
  const same = written.find((one) => writtenKey(one) === writtenKey(own));
  if (same) return same;
  const allowed = written.filter((one) => mayStandFor(one, cell, own, context));
  return [...allowed].sort((a, b) => (isAtMost(a.dose, b.dose) ? 1 : -1))[0] ?? null;
}

function mayStandFor(to: Written, { athlete, others, line }: Cell, own: Doing, context: DayContext): boolean {
  const { library } = context;
  const [exercise, from] = [getExercise(library, to.exerciseId), getExercise(library, own.exerciseId)];
  const cost = landingCost({ exercise, dose: to.dose }, athlete, context);
  const had = landingCost({ exercise: from, dose: own.dose }, athlete, context);
  // an athlete's own budget was fitted before
  if (cost.weighted > had.weighted + 1e-9 || cost.raw > had.raw) return false;
  if (exercise.id === from.id) {
    if (isForComplaint(own) && (to.dose.amount > own.dose.amount || to.dose.sets > own.dose.sets)) return false;
    // who is to keep more in reserve keeps it
    if ((to.dose.rir ?? 0) < (own.dose.rir ?? 0) && own.reasons.length > 0) return false;
    if (to.variant === 'squad' && athlete.caution === 'none' && ownsLoad(from, own)) return true;
    return isAtMost(to.dose, own.dose);
  }
  if (to.dose.sets > own.dose.sets) return false;
  // the squad's entry is not for who does another, unless it stands lower on the same ladder
  if ((to.variant === 'squad' || to.variant === 'less') && !isLowerRung(exercise, from)) return false;
  const taken = others.some(
    (other) =>
      other.slot !== own.slot &&
      other.exerciseId !== null &&
      getExercise(library, other.exerciseId).pattern === exercise.pattern,
  );
  if (taken) return false;
  return (
    !judgeOption(
      { exercise, row: to.row, dose: to.dose },
      athlete,
      context,
      isUngated(line, exercise.id, athlete.id),
    ) && !judgeDay(exercise, to.row, to.dose, athlete, context)
  );
}

const isLowerRung = ({ ladder }: Exercise, { ladder: own }: Exercise): boolean =>
  ladder !== null && ladder.id === own?.id && ladder.rung < own.rung;

/** The athlete's line at a written dose, at their own load. */
function asWritten({ athlete }: Cell, own: Doing, to: Written, context: DayContext): DayLine {
  const { method } = context;
  const exercise = getExercise(context.library, to.exerciseId);
  const reason: Reason = {
    code: 'one_card',
    rules: ['SEL-8'],
    facts: { sets: own.dose.sets, amount: own.dose.amount, other: to.exerciseId !== own.exerciseId },
  };
  const moves = { ...own, row: to.row, reasons: [...own.reasons, reason], variant: to.variant };
  if (to.exerciseId !== own.exerciseId) {
    const fresh = { ...to.dose, loadKg: null, percent: null };
    const loaded = withLoad(
      { exercise, row: to.row, dose: fresh, based: fresh, eased: [], reasons: [], typed: false },
      athlete,
      context,
    );
    return { ...moves, exerciseId: exercise.id, dose: loaded.dose, based: loaded.based, eased: [] };
  }
  const sameWork = to.dose.amount <= own.dose.amount;
  if (ownsLoad(exercise, own) && !sameWork) {
    // reps are the squad's, the load is read at them (PROG-15)
    const loadKg = plannedLoadKg(context.trackOf(athlete.id, exercise.id, own.row), to.dose, method);
    const fresh = { ...to.dose, loadKg, percent: null };
    const loaded = withLoad(
      { exercise, row: own.row, dose: fresh, based: fresh, eased: [], reasons: [], typed: false },
      athlete,
      context,
    );
    return { ...moves, row: own.row, dose: loaded.dose, based: loaded.based };
  }
  const dose = { ...own.dose, sets: to.dose.sets, amount: to.dose.amount, rir: to.dose.rir };
  if (ownsLoad(exercise, own)) return { ...moves, row: own.row, dose, based: dose };
  return { ...moves, row: own.row, dose, eased: [...new Set([...own.eased, 'SEL-8'])] };
}
