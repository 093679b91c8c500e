import type { Dose } from '../dose';
import type { MethodSettings, MethodTables, Schools } from '../method';
import type { LoggedSet } from '../track';

/** What the outputs of a squad's jumps say of their rest (REST-2). */
export interface RestStep {
  readonly kind: 'rest-up' | 'rest-down' | 'reps-down';
  readonly restSeconds: number;
  readonly amount: number;
  /** athletes whose output was counted, and of those how many it fell, or held, for */
  readonly counted: number;
  readonly of: number;
}

/**
 * How far the output of a line's sets fell: the worst later set under the first, as a share of it.
 * @returns null with fewer than two sets counted
 * @example 0.40, 0.38, 0.35 m → 0.125
 */
export function outputFall(sets: readonly Pick<LoggedSet, 'output'>[]): number | null {
  const [first, ...later] = sets.flatMap(({ output }) => (output == null ? [] : [output]));
  if (first === undefined || later.length === 0 || first <= 0) return null;
  return Math.max(0, (first - Math.min(...later)) / first);
}

/**
 * The rest of a squad's jumps next time (REST-2), by the outputs of its last times: where it fell by more than 10 % for half
 * of those who were counted, 30 s more; at the most rest, a fifth of the reps less; where it held within 3 % twice in a row
 * in the dense school, 15 s less. Without counts nothing moves.
 * @param dose as it was done, with its rest
 * @param falls an athlete's falls, newest first
 */
export function restStep(
  dose: Pick<Dose, 'restSeconds' | 'amount'>,
  falls: readonly (readonly (number | null)[])[],
  school: Schools['jumpRest'],
  { settings }: Pick<MethodTables, 'settings'>,
): RestStep | null {
  const { restSeconds, amount } = dose;
  const { fellFrom, heldUnder, moreSeconds, lessSeconds, leastSeconds, mostSeconds, repsFactor } = settings.rest.output;
  const counted = falls.filter(([last]) => last != null);
  if (restSeconds === null || counted.length === 0) return null;
  const fell = counted.filter(([last]) => (last ?? 0) > fellFrom + EPSILON).length;
  const step = (kind: RestStep['kind'], to: Partial<RestStep>, of: number): RestStep => ({
    kind,
    restSeconds,
    amount,
    counted: counted.length,
    of,
    ...to,
  });
  if (fell * 2 >= counted.length) {
    if (restSeconds < mostSeconds)
      return step('rest-up', { restSeconds: Math.min(mostSeconds, restSeconds + moreSeconds) }, fell);
    const fewer = Math.max(1, Math.floor(amount * repsFactor + EPSILON));
    return fewer < amount ? step('reps-down', { amount: fewer }, fell) : null;
  }
  const held = counted.filter(
    ([last, before]) => (last ?? 1) < heldUnder && before != null && before < heldUnder,
  ).length;
  if (school !== 'dense' || held * 2 < counted.length || restSeconds <= leastSeconds) return null;
  return step('rest-down', { restSeconds: Math.max(leastSeconds, restSeconds - lessSeconds) }, held);
}

const EPSILON = 1e-9;

/**
 * Whether self-paced jumps stop here (REST-3): two outputs in a row more than 5 % under the day's best; where none was
 * measured, at the most attempts there are.
 * @param outputs of the sets so far; null = not measured
 * @param attempts jumped so far
 */
export function stopsSelfPaced(
  outputs: readonly (number | null)[],
  attempts: number,
  { underBest, inARow, unmeasuredAttempts }: MethodSettings['rest']['selfPaced'],
): 'tired' | 'enough' | null {
  const best = Math.max(0, ...outputs.map((one) => one ?? 0));
  if (best === 0) return attempts >= unmeasuredAttempts ? 'enough' : null;
  const last = outputs.slice(-inARow);
  const tired = last.length === inARow && last.every((one) => one !== null && one < best * (1 - underBest) - EPSILON);
  return tired ? 'tired' : null;
}
