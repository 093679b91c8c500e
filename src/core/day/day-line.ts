import type { AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';
import { isUngated, type Line } from '../session';
import type { Begun, DayContext } from './day-context';
import type { Variant } from './line-variants';
import { judgeOption } from './judge-option';
import type { WorkingLine } from './working-line';

/** A line as one athlete does it today. */
export interface DayLine {
  readonly slot: string;
  readonly athleteId: string;
  /** null = without: nothing here for this athlete today */
  readonly exerciseId: string | null;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** what it is without what holds today, which becomes owned when it is done; null = nothing */
  readonly based: Dose | null;
  readonly eased: readonly string[];
  /** why it differs from the squad's line */
  readonly reasons: readonly Reason[];
  readonly typed: boolean;
  /** the first set fixed entry and dose */
  readonly begun: boolean;
  /** what stops the sets that are left */
  readonly stopped: Reason | null;
  /** which of the line's written doses this is (SEL-8) */
  readonly variant: Variant;
}

/** A line worked out for today. */
export const asToday = (line: Line, found: WorkingLine, { id }: AthleteFacts): DayLine => ({
  slot: line.slot,
  athleteId: id,
  exerciseId: found.exercise.id,
  row: found.row,
  dose: found.dose,
  based: found.based,
  eased: found.eased,
  reasons: found.reasons,
  typed: found.typed,
  begun: false,
  stopped: null,
  variant: found.typed ? 'typed' : 'squad',
});

/** Nothing here for this athlete today. */
export const without = (line: Line, { id }: AthleteFacts, why: Reason | null): DayLine => ({
  slot: line.slot,
  athleteId: id,
  exerciseId: null,
  row: line.row,
  dose: line.dose,
  based: null,
  eased: [],
  reasons: why ? [why] : [],
  typed: false,
  begun: false,
  stopped: null,
  variant: 'without',
});

/** What was begun stays as it was written; a complaint of this morning stops the sets that are left. */
export function asBegun(line: Line, fixed: Begun, athlete: AthleteFacts, context: DayContext): DayLine {
  const exercise = context.library.exercises.get(fixed.exerciseId);
  return {
    slot: line.slot,
    athleteId: athlete.id,
    exerciseId: fixed.exerciseId,
    row: fixed.row,
    dose: fixed.written,
    based: fixed.based,
    eased: fixed.eased,
    reasons: [],
    typed: false,
    begun: true,
    stopped: exercise
      ? judgeOption(
          { exercise, row: fixed.row, dose: fixed.written },
          athlete,
          context,
          isUngated(line, fixed.exerciseId, athlete.id),
        )
      : null,
    variant: 'squad',
  };
}
