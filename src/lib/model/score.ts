import type { Family } from '$core/library';
import type { Beat, Timeline } from '$core/order';

/** A beat as it is drawn. `ramp`: the way to a main lift's load, all its sets in one (ORD-7). */
export interface ScoreBeat extends Beat {
  readonly family: Family;
  readonly ramp?: true;
}

type Drawn = Pick<Timeline, 'beats' | 'ramps'>;

/** A line's ramp and sets in the order they come. */
export function lineScore({ beats, ramps }: Drawn, slot: string, family: Family): ScoreBeat[] {
  const ramp = ramps[slot];
  return [
    ...(ramp ? [{ ...ramp, sides: 1 as const, family, ramp: true as const }] : []),
    ...(beats[slot] ?? []).map((beat) => ({ ...beat, family })),
  ];
}

/** All of a card in one row, for the small score of Calls and the floor. */
export const scoreOf = (timeline: Drawn, familyOf: (slot: string) => Family): ScoreBeat[] =>
  Object.keys(timeline.beats)
    .flatMap((slot) => lineScore(timeline, slot, familyOf(slot)))
    .sort((a, b) => a.startS - b.startS);
