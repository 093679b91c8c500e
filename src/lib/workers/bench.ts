import type { Assessment, SolvedCard } from '$core/choose';
import type { DayLine } from '$core/day';
import type { Card } from '$core/session';
import type { ExerciseView } from '$lib/model/exercise-view';

/** A card as the Bench shows it. */
export interface Bench {
  readonly card: Card;
  /** as its athletes do it */
  readonly view: readonly DayLine[];
  readonly swaps: SolvedCard['swaps'];
  readonly assessment: Assessment;
  readonly views: Readonly<Record<string, ExerciseView>>;
}
