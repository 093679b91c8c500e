import type { Dose, RampKind } from '../dose';
import type { Phase } from '../library';
import type { DoseRowId } from '../method';
import type { Reason } from '../result';

/** What could stand for a line where something bars it for an athlete; it brings its own dose and load. */
export interface Substitute {
  readonly exerciseId: string;
  readonly row: DoseRowId;
}

/** One line of a card: an entry in a slot of the template with the squad's dose, and why it is there. */
export interface Line {
  /** slot of the template; unique within the card, so it also names the line */
  readonly slot: string;
  readonly block: string;
  /** lines of one group are done in turn (a pair, a triple), or straight on as one set, which its name says (`isComplex`) */
  readonly group: string | null;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  /** the squad's dose as it is written for this day */
  readonly dose: Dose;
  /** the squad's dose without what made this day's easier (clock, slot, day), and the rules that did; null = the same */
  readonly full: { readonly dose: Dose; readonly rules: readonly string[] } | null;
  readonly reasons: readonly Reason[];
  /** the coach put this entry or dose here: solving again keeps it */
  readonly pinned: boolean;
  /** the coach typed the dose: it stands as typed (DOSE-12) */
  readonly typed: boolean;
  /** best first, six at most */
  readonly substitutes: readonly Substitute[];
  /** the coach's own words on it; null = none */
  readonly note: string | null;
  /** the athletes it is for; null = everybody */
  readonly only: readonly string[] | null;
  /** why it stands though gates are not met, in the coach's words; absent = gates hold (JUMP-2) */
  readonly override?: string;
  /** the athletes whose gates the override lifts; absent = everybody's */
  readonly overrideFor?: readonly string[];
}

/** Whether the coach let the line's own entry stand over an athlete's gates (JUMP-2); what stands for it is not let through with it. */
export const isUngated = (
  { override, overrideFor, exerciseId }: Pick<Line, 'override' | 'overrideFor' | 'exerciseId'>,
  done: string,
  athleteId: string,
): boolean => override !== undefined && done === exerciseId && (overrideFor?.includes(athleteId) ?? true);

/** Slots that hold a main lift: the leading one, and the second of a *whole* session (WEEK-8). */
export const isMainSlot = (slot: string): boolean => slot === 'main' || slot === 'main-2';

/** How much of a ramp the lift of a slot takes on its card (ORD-7): after another main lift its athletes are warm. */
export function rampKindOf(slot: string, lines: readonly { readonly slot: string }[]): RampKind {
  if (!isMainSlot(slot)) return 'one';
  return slot === 'main-2' && lines.some((line) => line.slot === 'main') ? 'second' : 'whole';
}

/** Substitutes a line keeps. */
export const SUBSTITUTES_KEPT = 6;

/** What a coach typed for one athlete on a line. `exerciseId` null = left out. */
export interface TypedLine {
  readonly slot: string;
  readonly athleteId: string;
  readonly exerciseId: string | null;
  readonly row: DoseRowId;
  readonly dose: Dose;
}

/** What a coach made of a card beside its lines: choosing again keeps to it. */
export interface CardShape {
  /** slots of the template taken off the card */
  readonly without: readonly string[];
  /** slots in the coach's order; empty = the template's */
  readonly order: readonly string[];
  /** entries that are not to be chosen for this card */
  readonly banned: readonly string[];
  /** nothing but getting warm and the coach's own lines: a card started from one that was kept */
  readonly alone: boolean;
  /** the kind of session the coach asked for, a template by id; null = as day and minutes say */
  readonly kind: string | null;
}

export const AS_TEMPLATE: CardShape = { without: [], order: [], banned: [], alone: false, kind: null };

/** A line of a card that was kept to start others from: everything but whose it was and why. */
export type KeptLine = Pick<Line, 'block' | 'group' | 'exerciseId' | 'row' | 'dose' | 'typed' | 'note'>;

/** The plan for a day: the squad's lines and what a person typed. What each athlete does is the day view's. */
export interface Card {
  readonly template: string;
  readonly phase: Phase;
  readonly minutes: number;
  readonly lines: readonly Line[];
  readonly typed: readonly TypedLine[];
  readonly shape: CardShape;
}
