import type { Muscle } from '$core/library';
import type { Ratio } from '$core/ledger';
import type { DayLoad, LoadFlag, WeekLoad } from '$core/load';
import type { SeasonPage } from './season';

/** What a squad or one athlete trained over the last weeks, and how hard the weeks were. */
export interface BalancePage {
  readonly thread: SeasonPage['thread'];
  readonly clubName: string;
  readonly squad: { readonly id: string; readonly name: string };
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  /** null = the squad */
  readonly athleteId: string | null;
  readonly windows: readonly {
    readonly days: number;
    readonly done: readonly Ratio[];
    readonly planned: readonly Ratio[];
  }[];
  readonly forgottenDays: number;
  readonly neglected: readonly Muscle[];
  readonly slowOnly: readonly Muscle[];
  /** the Bench of the next card */
  readonly next: string;
  readonly load: {
    readonly weeks: readonly (WeekLoad & {
      readonly start: string;
      readonly daily: readonly DayLoad[];
      readonly flags: readonly LoadFlag[];
    })[];
    readonly acute: number | null;
    readonly chronic: number | null;
    /** any session of these weeks is there to be counted */
    readonly counted: boolean;
  };
}
