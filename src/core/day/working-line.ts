import type { Dose } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';

/** A line while it is being worked out for one athlete. */
export interface WorkingLine {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** what becomes owned when it is done: the dose before the day eased it; null = nothing */
  readonly based: Dose | null;
  /** rules that made the dose easier than `based` */
  readonly eased: readonly string[];
  readonly reasons: readonly Reason[];
  /** the coach typed it, for the squad or this athlete */
  readonly typed: boolean;
}

/** The line with an easier dose and why. What it was based on stays. */
export const easedTo = (line: WorkingLine, dose: Dose, reason: Reason): WorkingLine => ({
  ...line,
  dose,
  eased: [...new Set([...line.eased, ...reason.rules])],
  reasons: [...line.reasons, reason],
});
