import type { AthleteFacts } from '../athlete';
import { getExercise } from '../library';
import type { Reason } from '../result';
import { heavyFamilies, LOWER_BODY, whyQuiet } from '../season';
import { isUngated, type Card, type Line } from '../session';
import { baseLine } from './base-line';
import { begunKey, type DayContext } from './day-context';
import { asBegun, asToday, without, type DayLine } from './day-line';
import { withLoad } from './day-load';
import { easeForThree, substituteFor, type Barred } from './ease-for-complaint';
import { easeForDay } from './ease-for-day';
import { easeForReturn } from './ease-for-return';
import { easeForWeek, WEEK_RULES } from './ease-for-week';
import { rampEccentric } from './ease-eccentric';
import { easeForLayoff } from './ease-for-layoff';
import { judgeDay } from './judge-day';
import { judgeOption } from './judge-option';
import { barsOwnDay, easeToPrimer } from './own-day';
import { holdStep, sharedWeek, trimSharedSets } from './shared-week';
import { trimContacts } from './trim-contacts';
import { easedTo, type WorkingLine } from './working-line';

/**
 * What one athlete does of a card today: the card's lines and what the athlete owns, with what holds now laid over them
 * (age, level, layoff, complaints, kit, match day, contacts). A pure function, evaluated whenever it is read, and the only
 * place that knows: nothing of it is written back but what a session's close makes a fact.
 */
export function dayView(card: Pick<Card, 'lines' | 'typed'>, athlete: AthleteFacts, ofSquad: DayContext): DayLine[] {
  const context = ofSquad.forAthlete(athlete.id);
  const { lines, typed } = card;
  const patterns = lines.map(({ exerciseId }) => getExercise(context.library, exerciseId).pattern);
  const begun = lines.map((line) => {
    const key = begunKey(line.slot, athlete.id);
    return Object.hasOwn(context.begun, key) ? (context.begun[key] ?? null) : null;
  });
  const whys: (Reason | null)[] = [];
  const working = lines.map((line, i): WorkingLine | null => {
    if (begun[i]) return null;
    const taken = new Set(patterns.filter((_, other) => other !== i));
    const { found, why } = workOut(line, athlete, typed, taken, context);
    whys[i] = why;
    if (found) patterns[i] = found.exercise.pattern;
    return found;
  });
  const fitted = easeFamilies(trimSharedSets(trimContacts(working, athlete, context), context), context).map(
    (line, i) => {
      if (!line || line.typed) return line;
      return barsNow(line, athlete, context, isOpen(lines[i], line, athlete)) ? null : line;
    },
  );
  return lines.map((line, i) => {
    const fixed = begun[i];
    if (fixed) return asBegun(line, fixed, athlete, context);
    const found = fitted[i];
    return found
      ? asToday(line, found, athlete)
      : without(line, athlete, whys[i] ?? lastReason(line, working[i], athlete, context));
  });
}

const isOpen = (
  line: Line | undefined,
  { exercise }: Pick<WorkingLine, 'exercise'>,
  { id }: Pick<AthleteFacts, 'id'>,
): boolean => line !== undefined && isUngated(line, exercise.id, id);

const barsNow = (line: WorkingLine, athlete: AthleteFacts, context: DayContext, ungated: boolean): Reason | null =>
  barsOwnDay(line, context) ??
  judgeOption(line, athlete, context, ungated) ??
  judgeDay(line.exercise, line.row, line.dose, athlete, context);

/** A complaint or kit stops a line altogether; heavy work near an event is eased first and judged after. */
function workOut(
  line: Line,
  athlete: AthleteFacts,
  typed: Card['typed'],
  taken: ReadonlySet<string>,
  context: DayContext,
): { found: WorkingLine | null; why: Reason | null } {
  const base = baseLine(line, athlete, typed, context);
  if (!base) return { found: null, why: { code: line.only ? 'for_others' : 'left_out', rules: ['SEL-3'], facts: {} } };
  const prepare = (one: WorkingLine): WorkingLine => withLoad(quieter(one, context), athlete, context);
  const barred: Barred = (one) =>
    taken.has(one.exercise.pattern) && one.exercise.id !== line.exerciseId
      ? { code: 'pattern_taken', rules: ['SEL-1'], facts: {} }
      : barsNow(prepare(one), athlete, context, isOpen(line, one, athlete));
  const own = easeForThree(
    easeForLayoff(rampEccentric(holdStep(base, context), athlete, context), athlete, context),
    line,
    athlete,
    barred,
    context,
  );
  const bar = barred(own);
  const found = bar ? substituteFor(own, line, bar, athlete, barred, context) : own;
  return { found: found && prepare(easeForReturn(found, athlete, context)), why: bar };
}

function quieter(asUsual: WorkingLine, context: DayContext): WorkingLine {
  // a line that the card has eased for its week already is not eased once more
  const isEased = asUsual.typed || asUsual.eased.some((rule) => WEEK_RULES.includes(rule));
  const fewer = isEased ? null : easeForWeek(asUsual.dose, asUsual.row, context);
  const line =
    fewer?.rule == null
      ? asUsual
      : easedTo(asUsual, fewer.dose, {
          code: 'eased_for_week',
          rules: [fewer.rule],
          facts: { from: asUsual.dose.sets, to: fewer.dose.sets, peak: fewer.rule === 'PHASE-2' },
        });
  const dose = easeForDay(line.dose, line.exercise, line.row, context);
  const quiet = dose === line.dose ? line : easedTo(line, dose, { code: 'eased_for_day', ...whyQuiet(context.limits) });
  return easeToPrimer(quiet, context);
}

/**
 * Lines of one family add up to heavy work although none is heavy alone (WEEK-2): sets come off the later ones until they
 * do not, and who has none left is without.
 */
function easeFamilies(lines: readonly (WorkingLine | null)[], context: DayContext): (WorkingLine | null)[] {
  if (!context.limits.quiet) return [...lines];
  const eased = [...lines];
  const isHeavyNow = (): boolean =>
    heavyFamilies(
      eased.filter((line) => line !== null),
      context.method,
    ).length > 0;
  for (let i = eased.length - 1; i >= 0 && isHeavyNow(); i--) {
    for (;;) {
      const line = eased[i];
      if (!line || !LOWER_BODY.includes(line.exercise.family) || !isHeavyNow()) break;
      const reason = { code: 'eased_for_day', ...whyQuiet(context.limits) };
      eased[i] = line.dose.sets > 1 ? easedTo(line, { ...line.dose, sets: line.dose.sets - 1 }, reason) : null;
    }
  }
  return eased;
}

/** Why a line that nothing bars is left out after all: landings, a week shared with another squad, or an event near. */
function lastReason(
  of: Line,
  line: WorkingLine | null | undefined,
  athlete: AthleteFacts,
  context: DayContext,
): Reason | null {
  if (!line) return null;
  const barred = barsNow(line, athlete, context, isOpen(of, line, athlete));
  if (barred) return barred;
  const { sets } = line.dose;
  if (line.exercise.plyo)
    return { code: 'contacts_trimmed', rules: ['JUMP-8'], facts: { from: sets, to: 0, limit: 0 } };
  return context.setsLeft ? sharedWeek(sets, 0) : { code: 'eased_for_day', ...whyQuiet(context.limits) };
}
