import type { AthleteFacts } from '../athlete';
import type { Exercise } from '../library';
import { tierOf } from '../jumps';
import type { DoseRowId } from '../method';
import { doseRange } from '../progress';
import { barOf, isBarred, returnWork, stepsSince, type ActiveComplaint } from '../safety';
import type { DayContext } from './day-context';
import { easedTo, type WorkingLine } from './working-line';

/** On the way back by a clinician's note, and not at its last stage yet. */
export const isReturning = ({ complaints }: Pick<AthleteFacts, 'complaints'>): boolean => complaints.some(isUnderWay);

/** The same, from what stops jumps or leg lifts: a sore shoulder leaves the legs their phase. */
export const legsReturn = (
  { complaints }: Pick<AthleteFacts, 'complaints'>,
  { method }: Pick<DayContext, 'method'>,
): boolean =>
  complaints.some((one) => {
    const { maxTier, families } = barOf(one, method);
    return isUnderWay(one) && (maxTier !== null || families.some((family) => LEG_LIFTS.includes(family)));
  });

const LEG_LIFTS: readonly Exercise['family'][] = ['squat', 'hinge'];

const isUnderWay = ({ returning }: ActiveComplaint): boolean => returning != null && returning.stage !== 'full';

/**
 * What a stage has opened begins at its row's least dose and rises by one step with every fine answer since, sets before
 * reps, up to what the card holds (SAFE-2; PROG-2 in a programme of one's own).
 */
export function easeForReturn(line: WorkingLine, athlete: AthleteFacts, context: DayContext): WorkingLine {
  const { method, library } = context;
  const row = method.doses[line.row];
  const range = row.progresses ? doseRange(line.exercise, row, library) : null;
  if (line.typed || !range) return line;
  return athlete.complaints.reduce<WorkingLine>((current, complaint) => {
    const { dose, exercise } = current;
    const steps = stepsOf(complaint, exercise, current.row, tierOf(exercise, dose), context);
    if (steps === null || steps < 0) return current;
    const fewest = Math.min(dose.sets, range.sets[0]);
    const sets = Math.min(dose.sets, fewest + steps);
    const left = steps - (sets - fewest);
    const step = dose.unit === 'seconds' ? method.settings.progress.timeStepS : 1;
    const amount = Math.min(dose.amount, range.amount[0] + left * step);
    if (sets === dose.sets && amount === dose.amount) return current;
    return easedTo(current, { ...dose, sets, amount }, reasonOf(complaint, context));
  }, line);
}

/** Steps earned of an entry that the complaint would stop; null = it does not stop it. */
function stepsOf(
  complaint: ActiveComplaint,
  exercise: Exercise,
  row: DoseRowId,
  tier: ReturnType<typeof tierOf>,
  { method }: DayContext,
): number | null {
  const { returning } = complaint;
  if (!returning || returning.stage === 'full' || !isBarred(barOf(complaint, method), exercise, row, tier)) return null;
  return stepsSince(returning, returnWork(exercise, row, tier), method.returning);
}

/** Why a line waits, or is done at less, on the way back. */
export const returnFacts = (
  { place, returning }: ActiveComplaint,
  { method }: Pick<DayContext, 'method'>,
): Readonly<Record<string, string>> => ({
  place,
  stage: returning ? method.returning.stages[returning.stage].name : '',
});

const reasonOf = (complaint: ActiveComplaint, context: DayContext) => ({
  code: 'eased_for_return' as const,
  rules: ['SAFE-2', 'PROG-2'],
  facts: returnFacts(complaint, context),
});
