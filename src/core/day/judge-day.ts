import type { AthleteFacts } from '../athlete';
import { daysBetween } from '../calendar';
import type { Dose } from '../dose';
import { tierOf } from '../jumps';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';
import { isHeavy, LOWER_BODY, whyQuiet } from '../season';
import type { DayContext } from './day-context';

type Near = Pick<DayContext, 'limits' | 'method' | 'day' | 'noClearDay' | 'trackOf'>;

/**
 * Why the day itself bars an entry at a dose (WEEK-2, SAFE-10), or null. A lower-body entry new to an athlete counts as
 * heavy on quiet days; without an athlete it is judged for the squad as a whole.
 */
export function judgeDay(
  exercise: Exercise,
  row: DoseRowId,
  dose: Dose,
  athlete: AthleteFacts | null,
  context: Near,
): Reason | null {
  const { limits, method } = context;
  const { rules, facts } = whyQuiet(limits);
  if (athlete) {
    const first = judgeFirstEccentric(exercise, row, athlete, context);
    if (first) return first;
  }
  if (!limits.quiet) return null;
  const tier = tierOf(exercise, dose);
  if (tier === 'high' || tier === 'shock') return { code: 'day_bars_tier', rules, facts: { ...facts, tier } };
  if (isHeavy({ exercise, row, dose }, method)) return { code: 'day_bars_heavy', rules, facts };
  return athlete && isNew(exercise, athlete, context) && !mayEnter(dose, context)
    ? { code: 'day_bars_new', rules, facts: { ...facts, newAfterDays: method.settings.week.newAfterDays } }
    : null;
}

/** Whether a lower-body entry is new to an athlete: not done lately, nor named as recent training (START-4). */
export function isNew(
  exercise: Exercise,
  { history }: AthleteFacts,
  { method, day }: Pick<Near, 'method' | 'day'>,
): boolean {
  if (exercise.dominance === null || exercise.plyo || !LOWER_BODY.includes(exercise.family)) return false;
  if (history.recent.includes(exercise.id)) return false;
  const last = history.lastDone[exercise.id];
  return last === undefined || daysBetween(last, day) > method.settings.week.newAfterDays;
}

/** WEEK-6: with no clear gym day for three weeks a new lift enters two days before an event, one set well short. */
const mayEnter = (dose: Dose, { noClearDay, limits, method }: Near): boolean =>
  noClearDay &&
  !limits.primerOnly &&
  dose.sets <= method.settings.week.entrySets &&
  dose.rir !== null &&
  dose.rir >= method.settings.week.entryRir;

/** SAFE-10: the first two times of eccentric work lie at least four days before an event. */
function judgeFirstEccentric(
  exercise: Exercise,
  row: DoseRowId,
  athlete: AthleteFacts,
  { limits, method, trackOf }: Near,
): Reason | null {
  const { eccentric } = method.settings.progress;
  if (method.doses[row].quality !== 'eccentric' || limits.daysBefore === null) return null;
  if (limits.daysBefore >= eccentric.daysBefore) return null;
  if ((trackOf(athlete.id, exercise.id, row)?.done ?? 0) >= eccentric.firstTimes) return null;
  return {
    code: 'eccentric_too_near',
    rules: ['SAFE-10'],
    facts: { daysBefore: limits.daysBefore, least: eccentric.daysBefore },
  };
}
