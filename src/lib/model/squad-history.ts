import type { Day } from '$core/calendar';
import type { HistoryWeeks, MeasuredSeries } from './athlete-history';

/** One athlete's line of what the squad is looked at by; null = never measured in the time shown. */
export interface AthleteLine {
  readonly id: string;
  readonly name: string;
  readonly series: MeasuredSeries | null;
  /** from the first to the last value, and whether that is beyond the error; null with one value */
  readonly moved: { readonly change: number; readonly beyond: boolean } | null;
}

/** A squad's past: one measure of everybody on one scale, and what was planned and done by week. */
export interface SquadHistory {
  readonly from: Day;
  readonly to: Day;
  readonly weeks: HistoryWeeks;
  readonly measure: string;
  readonly measures: readonly { readonly id: string; readonly name: string }[];
  readonly athletes: readonly AthleteLine[];
  /** sets of the squad's cards, and of those who trained on average */
  readonly planned: readonly { readonly start: Day; readonly written: number; readonly done: number }[];
}
