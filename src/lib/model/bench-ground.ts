import type { Brief } from '$core/choose';
import type { OwnEntry } from '$core/library';
import type { ClubTable } from '$core/method';
import type { KeptLine } from '$core/session';

/** What a card is chosen from, beside what the page shows: it is fetched when the page stands. */
export interface BenchGround {
  readonly brief: Brief;
  readonly tables: readonly ClubTable[];
  readonly entries: readonly OwnEntry[];
  /** cards the club keeps to start others from */
  readonly kept: readonly KeptCard[];
}

/** A card kept to start others from. */
export interface KeptCard {
  readonly name: string;
  readonly minutes: number;
  readonly lines: readonly KeptLine[];
}
