import type { Dose } from '../dose';
import type { Facts } from '../result';

export type ChangeKind =
  | 'set-up'
  | 'amount-up'
  | 'rung-up'
  | 'load-up'
  | 'given-back'
  | 'set-down'
  | 'amount-down'
  | 'rung-down'
  | 'load-down'
  | 'layoff'
  | 'load-found';

/** A change to one athlete's line: from → to with the rules and the numbers they saw. `exerciseId` changes with the rung. */
export interface Change {
  readonly kind: ChangeKind;
  readonly from: { readonly exerciseId: string; readonly dose: Dose };
  readonly to: { readonly exerciseId: string; readonly dose: Dose };
  readonly rules: readonly string[];
  readonly saw: Facts;
}

/** Whether a change makes the work harder: rises wait for the coach with less hurry than cuts. */
export const isRise = (kind: ChangeKind): boolean => kind.endsWith('-up') || kind === 'given-back';
