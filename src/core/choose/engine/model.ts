/** Quarter contacts: every tier weight is a multiple of a quarter, so budgets compare as integers. */
export const CONTACT_SCALE = 4;

/** Coverage tables are indexed by demand × sets from 0; past the end they are flat. */
export const REACH = 128;

/** One option as integers (solver.md): what it adds alone, what it takes, and what it adds to the shared terms. */
export interface EngineOption {
  readonly lin: number;
  readonly timeS: number;
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
  readonly balance: {
    readonly low: number;
    readonly high: number;
    readonly sets: number;
    readonly near: number;
    readonly far: number;
  };
  readonly missedQuota: number;
}
