import type { DoseUnit } from '../library';
import type { SidePlan } from './side-plan';

/** Rounds of short holds (D-PYR): each hold lasts the dose's amount, `offS` between two of a round. */
export interface Pyramid {
  /** holds of each round, on each side */
  readonly holds: readonly number[];
  readonly offS: number;
}

/**
 * What one line asks for. `amount` is per set, and per side or direction when `per` is set.
 * Null means the dose does not speak of it; `fast` stands where RIR would (jumps, olympic derivatives).
 */
export interface Dose {
  readonly sets: number;
  readonly amount: number;
  readonly unit: DoseUnit;
  readonly per: 'side' | 'direction' | null;
  /** share of e1RM, 0–1 */
  readonly percent: number | null;
  readonly loadKg: number | null;
  readonly rir: number | null;
  readonly restSeconds: number | null;
  readonly tempo: string | null;
  /** its sets are rounds of holds; absent = they are not */
  readonly pyramid?: Pyramid;
  /** how a set goes over both sides; absent = each in turn, and of no meaning where `per` is null */
  readonly sides?: SidePlan;
}
