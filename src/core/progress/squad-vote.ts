import { daysBetween, type Day } from '../calendar';
import { stepPyramid, type Dose } from '../dose';
import { isFast, type Exercise, type Library } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import { isClean, type Track } from '../track';
import { aThirdLess } from './a-third-less';
import { answerActsOn } from './acts-on-answer';
import { doseRange, type DoseRange } from './range';

/** What one athlete's last time says of a squad's line (PROG-16). */
export type Vote = 'up' | 'stay' | 'down' | 'silent';

/** A squad's line as it was on the card it was done from. */
export interface SquadLine {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly sessionId: string;
  readonly day: Day;
  /** the clock or its part of the session leaves it fewer sets than it has: no more come, reps may (PROG-15) */
  readonly setsHeld?: boolean;
}

/** What a line may do in its block (PROG-15): what the block develops rises, a kept ladder line steps once by reps, all else stays. */
export type MayRise = 'develops' | 'kept-ladder' | 'kept';

export interface Votes {
  readonly up: number;
  readonly down: number;
  readonly answered: number;
  readonly did: number;
}

/** One step of a squad's line, with the votes behind it. */
export interface SquadStep {
  readonly kind: 'set-up' | 'amount-up' | 'set-down' | 'amount-down';
  readonly from: Dose;
  readonly to: Dose;
  readonly votes: Votes;
}

/**
 * An athlete's vote on a line without a load, of the session it was done in, at whichever dose (PROG-2 to PROG-4, PROG-16):
 * fine and clean up, overly tight there down, everything else stay.
 * @returns null when the athlete did not do it
 */
export function voteOf(
  track: Track | null,
  { exercise, sessionId }: Pick<SquadLine, 'exercise' | 'sessionId'>,
  method: MethodTables,
): Vote | null {
  const exposure = track?.exposures.find((one) => one.sessionId === sessionId);
  if (!exposure) return null;
  if (exposure.response === null) return 'silent';
  const { answer, place } = exposure.response;
  if (answer === 'tight') return answerActsOn(exercise, place, method) ? 'down' : 'stay';
  return answer === 'fine' && isClean(exposure) ? 'up' : 'stay';
}

export function countVotes(votes: readonly (Vote | null)[]): Votes {
  const of = (vote: Vote): number => votes.filter((one) => one === vote).length;
  const [up, down, silent] = [of('up'), of('down'), of('silent')];
  const did = votes.filter((vote) => vote !== null).length;
  return { up, down, answered: did - silent, did };
}

/** Days a step is judged by. `lastStep`: of the card on which the line stepped last; null = never. */
export interface StepDays {
  readonly today: Day;
  readonly lastStep: Day | null;
}

/** Whether a line may step at all: enough days passed, and half answered (PROG-16). */
export function mayStep(
  { day }: Pick<SquadLine, 'day'>,
  votes: Votes,
  may: MayRise,
  { today, lastStep }: StepDays,
  { settings }: Pick<MethodTables, 'settings'>,
): boolean {
  const { squad } = settings.progress;
  if (votes.answered === 0 || daysBetween(day, today) < squad.daysAfter) return false;
  const gap = may === 'kept-ladder' ? squad.keptDaysBetween : squad.daysBetween;
  if (lastStep !== null && daysBetween(lastStep, today) < gap) return false;
  return votes.answered >= votes.did * squad.answeredShare;
}

/**
 * Reps or time of a squad's line at its fewest sets with a third taken off: once from inside its range, and what is fast
 * only down to its least, else nothing of it is left.
 * @returns null = it stays
 */
function amountDown(
  { exercise, dose }: SquadLine,
  { amount: [least] }: DoseRange,
  method: MethodTables,
): number | null {
  const less = dose.amount >= least ? aThirdLess(dose, method) : null;
  if (less === null || (exercise.plyo === null && !isFast(exercise))) return less;
  return dose.amount > least ? Math.max(least, less) : null;
}

/**
 * The step a squad's line takes after its last time (PROG-16): a third or more of the answers down, one step down, as far
 * as there is one for a squad: who is tired does less than a line at its least; half or more up, one step up as far as its block lets it; fewer than half answering, nothing. Not before two days have passed,
 * nor twice in a week.
 * @returns null = the line stays
 */
export function squadStep(
  line: SquadLine,
  votes: Votes,
  may: MayRise,
  days: StepDays,
  library: Library,
  method: MethodTables,
): SquadStep | null {
  const { squad, timeStepS } = method.settings.progress;
  const range = doseRange(line.exercise, method.doses[line.row], library);
  if (!range || !method.doses[line.row].progresses || !mayStep(line, votes, may, days, method)) return null;
  const { dose } = line;
  const step = (kind: SquadStep['kind'], to: Dose): SquadStep => ({ kind, from: dose, to, votes });
  if (votes.down >= votes.answered * squad.downShare) {
    if (dose.pyramid) {
      const fewer = stepPyramid(dose, -1);
      return fewer && step('amount-down', fewer);
    }
    if (dose.sets > range.sets[0]) return step('set-down', { ...dose, sets: dose.sets - 1 });
    const amount = amountDown(line, range, method);
    return amount === null ? null : step('amount-down', { ...dose, amount });
  }
  // jumps get their sets from the block, not from votes (JUMP-10)
  if (votes.up < votes.answered * squad.upShare || may === 'kept' || line.exercise.plyo) return null;
  if (dose.pyramid) {
    const more = stepPyramid(dose, 1);
    return more && step('amount-up', more);
  }
  if (may === 'develops' && !line.setsHeld && dose.sets < range.sets[1])
    return step('set-up', { ...dose, sets: dose.sets + 1 });
  if (dose.amount >= range.amount[1]) return null;
  const more = dose.unit === 'seconds' ? timeStepS : 1;
  return step('amount-up', { ...dose, amount: Math.min(range.amount[1], dose.amount + more) });
}
