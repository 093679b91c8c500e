import type { Day } from '$core/calendar';
import type { Answer } from '$core/track';

/** How a value is shown: × `per` in `unit`; a lift in the club's unit of mass. */
export interface ShownAs {
  readonly lift: boolean;
  readonly unit: string;
  readonly per: number;
  readonly decimals: number;
}

/** One thing measured over time, each value with its typical error, in the unit it is stored in. */
export interface MeasuredSeries {
  readonly id: string;
  readonly name: string;
  readonly as: ShownAs;
  readonly points: readonly {
    readonly day: Day;
    readonly value: number;
    readonly error: number;
    /** read from sets of training, not from a test */
    readonly trained: boolean;
  }[];
}

/** Where an athlete stood on a ladder, day by day on which it was trained. */
export interface LadderSeries {
  readonly id: string;
  readonly name: string;
  readonly rungs: number;
  readonly steps: readonly {
    readonly day: Day;
    readonly rung: number;
    readonly exercise: string;
    /** rules that asked for the way down; empty on the way up */
    readonly down: readonly string[];
  }[];
}

export interface HistoryWeek {
  readonly start: Day;
  readonly setsWritten: number;
  readonly setsDone: number;
  /** session RPE × minutes with practices and events; null = nothing known */
  readonly load: number | null;
  /** a day of it is unknown */
  readonly atLeast: boolean;
}

export interface HistoryLine {
  readonly id: string;
  readonly day: Day;
  readonly who: string;
  readonly what: string;
  readonly from: string | null;
  readonly to: string | null;
  readonly rules: readonly string[];
}

/** What an athlete's page shows of the past on one time axis. */
export interface AthleteHistory {
  readonly from: Day;
  readonly to: Day;
  readonly phases: readonly { readonly name: string; readonly from: Day; readonly to: Day }[];
  readonly measured: readonly MeasuredSeries[];
  readonly ladders: readonly LadderSeries[];
  readonly weeks: readonly HistoryWeek[];
  readonly mornings: readonly { readonly day: Day; readonly answer: Answer }[];
  /** null = not for this reader's eyes */
  readonly complaints:
    | readonly {
        readonly id: string;
        readonly name: string;
        readonly from: Day;
        readonly to: Day;
        readonly score: number;
        readonly open: boolean;
      }[]
    | null;
  readonly events: readonly { readonly day: Day; readonly name: string }[];
  readonly lines: readonly HistoryLine[];
  /** what rose or fell over the time shown, each against its error */
  readonly moved: readonly {
    readonly name: string;
    readonly as: ShownAs;
    readonly change: number;
    readonly since: Day;
    readonly beyond: boolean;
  }[];
}

/** Weeks that may be shown. */
export const HISTORY_WEEKS = [6, 14, 104] as const;
export type HistoryWeeks = (typeof HISTORY_WEEKS)[number];
const USUAL_WEEKS: HistoryWeeks = 14;

/** The weeks an address asks for; whatever else stands there is the usual. */
export const weeksAsked = (search: URLSearchParams): HistoryWeeks =>
  HISTORY_WEEKS.find((one) => String(one) === search.get('weeks')) ?? USUAL_WEEKS;
