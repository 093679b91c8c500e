import type { Dose } from '../dose';
import type { Phase } from '../library';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';

/** One line of a card: an entry in a slot of the template with the squad's dose, and why it is there. */
export interface Line {
  /** slot of the template; unique within the card, so it also names the line */
  readonly slot: string;
  readonly block: string;
  /** lines of one group are done in turn: a pair or a triple */
  readonly group: string | null;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly reasons: readonly Reason[];
  /** the coach put this entry or dose here: solving again keeps it */
  readonly pinned: boolean;
}

/** What one athlete does instead. `exerciseId` null = the line is left out for this athlete. */
export interface Override {
  readonly slot: string;
  readonly athleteId: string;
  readonly exerciseId: string | null;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly reasons: readonly Reason[];
  /** the coach typed this athlete's dose: fitting again keeps it */
  readonly typed: boolean;
}

export interface Card {
  readonly template: string;
  readonly phase: Phase;
  readonly minutes: number;
  readonly lines: readonly Line[];
  readonly overrides: readonly Override[];
}
