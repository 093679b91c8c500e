import type { Phase } from '$core/library';
import type { Issue } from '$core/result';
import type { CardShape, Line, TypedLine } from '$core/session';

/** A card as it is stored, every line with the version a change is made from. */
export interface StoredCard {
  readonly id: string;
  /** of the head: minutes, phase, template, place, shape */
  readonly version: number;
  readonly minutes: number;
  readonly phase: Phase;
  readonly template: string;
  readonly facilityId: string | null;
  readonly shape: CardShape;
  readonly lines: readonly { readonly version: number; readonly position: number; readonly line: Line }[];
  readonly typed: readonly { readonly version: number; readonly own: TypedLine }[];
}

type Answer =
  | { readonly state: 'kept' }
  | { readonly state: 'refused'; readonly issues: readonly Issue[] }
  | { readonly state: 'conflict'; readonly there: unknown };

/** What became of each part of a change, and the card as it stands now. */
export interface CardAnswer {
  readonly head: Answer | null;
  readonly lines: Readonly<Record<string, Answer>>;
  /** by slot and athlete */
  readonly typed: Readonly<Record<string, Answer>>;
  readonly card: StoredCard;
}
