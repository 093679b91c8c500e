import type { AthleteFacts } from '../athlete';
import type { Day, EventDay } from '../calendar';
import type { Dose, LoadingKit } from '../dose';
import type { Demand, Phase } from '../library';
import type { DoseRowId, Schools } from '../method';
import type { KneeHip } from '../ledger';
import type { Override } from '../session';

/** Where the session is held. */
export interface Place {
  readonly equipment: readonly string[];
  /** room to run, crawl or bound along */
  readonly lane: boolean;
  readonly loading: LoadingKit;
  readonly hardSurface: boolean;
}

/** What an athlete did on a line last time, with accepted changes already in it. */
export interface CarriedLine {
  readonly athleteId: string;
  readonly exerciseId: string | null;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** an accepted change put this here: rule ids for the reason */
  readonly changedBy: readonly string[];
}

/** A line of the last card of the squad, by slot. */
export interface PreviousLine {
  readonly slot: string;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
  readonly own: readonly CarriedLine[];
}

export interface PreviousCard {
  readonly phase: Phase;
  readonly template: string;
  readonly lines: readonly PreviousLine[];
}

/** An entry that stays in its slot while the rest is chosen. */
export interface Pin {
  readonly exerciseId: string;
  /** null = dosed anew */
  readonly dose: Dose | null;
  /** put there by the coach, dose and all; false = only held still while something else changes */
  readonly byCoach: boolean;
}

/** Everything a session is chosen from. */
export interface Brief {
  readonly day: Day;
  readonly phase: Phase;
  readonly minutes: number;
  readonly sportId: string;
  readonly weekOfBlock: number;
  readonly schools: Schools;
  readonly place: Place;
  readonly events: readonly EventDay[];
  readonly athletes: readonly AthleteFacts[];
  /** demand × sets already covered this week */
  readonly covered: Readonly<Partial<Record<Demand, number>>>;
  /** knee and hip sets of the ledger's window before this card */
  readonly balance: KneeHip;
  readonly previous: PreviousCard | null;
  /** entries fixed for a slot, by slot */
  readonly pins: Readonly<Record<string, Pin>>;
  /** doses the coach typed for single athletes */
  readonly typedOverrides: readonly Override[];
  /** whether lines of the last card stay where they may (BLOCK-2); off = choose the whole card anew */
  readonly keepPrevious: boolean;
}
