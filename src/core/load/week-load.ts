import { mean, sampleSd } from '../statistics';

/** Load of a day: session RPE × minutes; a rest day 0, null = unknown, which is never 0. */
export type DayLoad = number | null;

export interface WeekLoad {
  /** of the days that are known */
  readonly total: number;
  /** a day is unknown: the total is at least this */
  readonly atLeast: boolean;
  /** mean ÷ sample SD of the days; null = a day is unknown, or every day is the same */
  readonly monotony: number | null;
  /** total × monotony; null where that is */
  readonly strain: number | null;
}

/**
 * A week's load, its monotony and its strain (method 12; Foster 1998).
 * @param daily the seven days, arbitrary units
 */
export function weekLoad(daily: readonly DayLoad[]): WeekLoad {
  const known = daily.filter((load) => load !== null);
  const total = known.reduce((sum, load) => sum + load, 0);
  const atLeast = known.length < daily.length;
  const sd = atLeast ? null : sampleSd(known);
  const monotony = sd !== null && sd > 0 ? mean(known) / sd : null;
  return { total, atLeast, monotony, strain: monotony === null ? null : total * monotony };
}

/**
 * An exponentially weighted average, λ = 2 / (days + 1), beginning at the first known value; an unknown day carries it on
 * (method 12 and 15). Context only: the ratio of two such averages is disputed and stops nothing.
 * @returns null where no day is known
 */
export function ewma(daily: readonly DayLoad[], days: number): number | null {
  const weight = 2 / (days + 1);
  return daily.reduce<number | null>(
    (state, load) => (load === null ? state : state === null ? load : state + weight * (load - state)),
    null,
  );
}

/** What a week's load is flagged for. */
export type LoadFlag = 'LOAD-1' | 'LOAD-2';

/**
 * LOAD-1: a week above 1.3 × the mean of the four before it; LOAD-2: monotony above 2, or not defined, with a load above
 * that mean. Nothing is flagged before four weeks are known.
 * @param before totals of the four weeks before, any order; null = a week with an unknown day
 */
export function loadFlags(
  week: WeekLoad,
  before: readonly (number | null)[],
  { rise, monotony, weeksBefore }: { readonly rise: number; readonly monotony: number; readonly weeksBefore: number },
): LoadFlag[] {
  const known = before.filter((total) => total !== null);
  if (known.length < weeksBefore) return [];
  const usual = mean(known);
  return [
    ...(week.total > rise * usual ? (['LOAD-1'] as const) : []),
    // with a day unknown nothing is known of its monotony
    ...(!week.atLeast && (week.monotony === null || week.monotony > monotony) && week.total > usual
      ? (['LOAD-2'] as const)
      : []),
  ];
}
