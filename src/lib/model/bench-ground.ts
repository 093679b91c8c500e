import type { Brief } from '$core/choose';
import type { OwnEntry } from '$core/library';
import type { ClubTable } from '$core/method';

/** What a card is chosen from, beside what the page shows: it is fetched when the page stands. */
export interface BenchGround {
  readonly brief: Brief;
  readonly tables: readonly ClubTable[];
  readonly entries: readonly OwnEntry[];
}
