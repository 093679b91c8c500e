import type { Family } from '$core/library';
import type { Beat, Timeline } from '$core/order';

export interface ScoreBeat extends Beat {
  readonly family: Family;
}

/** All beats of a card in one row, for the small score of Calls and the floor. */
export const scoreOf = (timeline: Timeline, familyOf: (slot: string) => Family): ScoreBeat[] =>
  Object.entries(timeline.beats)
    .flatMap(([slot, beats]) => beats.map((beat) => ({ ...beat, family: familyOf(slot) })))
    .sort((a, b) => a.startS - b.startS);
