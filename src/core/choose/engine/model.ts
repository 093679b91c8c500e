/** Quarter contacts: every tier weight is a multiple of a quarter, so budgets compare as integers. */
export const CONTACT_SCALE = 4;

/** Coverage tables are indexed by demand × sets from 0; past the end they are flat. */
export const REACH = 128;

/** One option as integers (solver.md): what it adds alone, what it takes, and what it adds to the shared terms. */
export interface EngineOption {
  readonly lin: number;
  readonly timeS: number;
  /** index of the group it is done in, −1 = none (nothing chosen), and what the first of a group takes beside */
  readonly group: number;
  readonly groupS: number;
  readonly contacts: number;
  readonly rawContacts: number;
  /** index of the movement pattern, −1 for none: a session holds one of each */
  readonly pattern: number;
  /** demand × sets, in the order of the coverage tables */
  readonly demand: Int32Array;
  /** indices of the demands it has any of */
  readonly worksOn: readonly number[];
  /** knee and hip sets × 10 */
  readonly knee: number;
  readonly hip: number;
  /** which kind of hard sets it counts in (`bands`), −1 = none, and how many */
  readonly band: number;
  readonly sets: number;
  /** bit masks: which bonuses and which quotas it serves */
  readonly bonuses: number;
  readonly quotas: number;
}

/** The model of one session in plain numbers: slots with their options, limits, and tables for the concave terms. */
export interface EngineModel {
  readonly slots: readonly (readonly EngineOption[])[];
  readonly timeLimitS: number;
  readonly contactLimit: number;
  readonly rawContactLimit: number;
  readonly coverage: readonly Int32Array[];
  readonly coveredStart: Int32Array;
  readonly kneeStart: number;
  readonly hipStart: number;
  /** running sums by bonus: points with 0, 1, 2 … lines that serve it; more lines than that add nothing */
  readonly bonuses: readonly (readonly number[])[];
  readonly quotaCount: number;
  readonly patternCount: number;
  readonly groupCount: number;
  readonly balance: {
    readonly low: number;
    readonly high: number;
    readonly sets: number;
    readonly near: number;
    readonly far: number;
  };
  readonly missedQuota: number;
  /** hard sets by kind that the session should hold, and points for each set outside */
  readonly bands: readonly { readonly from: number; readonly to: number }[];
  readonly offBand: number;
  /** hard sets of all kinds the session should hold at most; Infinity = as many as fit */
  readonly mostSets: number;
  /** time and contacts a session should use: points for each second and quarter contact short, contacts up to a most */
  readonly least: {
    /** 0 = none is asked */
    readonly timeS: number;
    /** the time it is a part of */
    readonly ofS: number;
    readonly second: number;
    readonly contacts: number;
    readonly contact: number;
    readonly contactsMost: number;
  };
}
