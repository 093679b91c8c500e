import { fail, ok, type Result } from '../result';

/** One part of a contract–relax round. */
export interface RelaxStep {
  readonly kind: 'ease' | 'ramp' | 'hold' | 'let-go' | 'further';
  readonly round: number;
  readonly seconds: number;
  /** share of the effort meant, at the start and at the end */
  readonly effort: readonly [from: number, to: number];
}

/** Seconds a press may be held, and rounds (D-MOB). */
export const HOLD_S = [6, 10] as const;
export const ROUNDS = [2, 3] as const;
/** The effort rises this slowly (SAFE-9). */
const RAMP_S = 2;
const EASE_S = 10;
const LET_GO_S = 3;
const FURTHER_S = 12;

/**
 * The parts of contract–relax on one side: ease to the end of the range, press with an effort that rises over 2 s, hold,
 * let go, and go a little further.
 * @returns the steps in order, or `hold_out_of_range`, `rounds_out_of_range`
 */
export function contractRelax(rounds: number, holdS: number): Result<RelaxStep[]> {
  if (!(holdS >= HOLD_S[0] && holdS <= HOLD_S[1]))
    return fail('hold_out_of_range', ['holdS'], { least: HOLD_S[0], most: HOLD_S[1] });
  if (!(Number.isInteger(rounds) && rounds >= ROUNDS[0] && rounds <= ROUNDS[1]))
    return fail('rounds_out_of_range', ['rounds'], { least: ROUNDS[0], most: ROUNDS[1] });
  const steps: RelaxStep[] = [{ kind: 'ease', round: 1, seconds: EASE_S, effort: [0, 0] }];
  for (let round = 1; round <= rounds; round++)
    steps.push(
      { kind: 'ramp', round, seconds: RAMP_S, effort: [0, 1] },
      { kind: 'hold', round, seconds: holdS, effort: [1, 1] },
      { kind: 'let-go', round, seconds: LET_GO_S, effort: [1, 0] },
      { kind: 'further', round, seconds: FURTHER_S, effort: [0, 0] },
    );
  return ok(steps);
}

export interface RelaxMoment {
  readonly step: RelaxStep;
  /** seconds left of the step */
  readonly leftS: number;
  readonly effort: number;
}

/** Where a round stands after so many seconds; null when it is over. */
export function relaxAt(steps: readonly RelaxStep[], elapsedS: number): RelaxMoment | null {
  let start = 0;
  for (const step of steps) {
    const into = elapsedS - start;
    if (into < step.seconds) {
      const share = Math.max(0, into) / step.seconds;
      const [from, to] = step.effort;
      return { step, leftS: step.seconds - Math.max(0, into), effort: from + (to - from) * share };
    }
    start += step.seconds;
  }
  return null;
}
