/** One line of a table: what is wanted of a programme and what this one has. */
export interface Measure {
  readonly what: string;
  readonly wanted: string;
  readonly value: string;
  readonly met: boolean;
}

export const percent = (value: number): string => `${String(Math.round(value * 100))} %`;

/** At least a share of so many. */
export const share = (what: string, least: number, count: number, of: number): Measure => ({
  what,
  wanted: `≥ ${percent(least)}`,
  value: of === 0 ? 'none' : `${percent(count / of)} of ${String(of)}`,
  met: of === 0 || count / of >= least - 1e-9,
});

/** At most a share of so many. */
export const atMostShare = (what: string, most: number, count: number, of: number): Measure => ({
  what,
  wanted: `≤ ${percent(most)}`,
  value: of === 0 ? 'none' : `${percent(count / of)} of ${String(of)}`,
  met: of === 0 || count / of <= most + 1e-9,
});

export const belowShare = (what: string, under: number, value: number): Measure => ({
  what,
  wanted: `< ${percent(under)}`,
  value: percent(value),
  met: value < under,
});

export const atMost = (what: string, most: number, value: number): Measure => ({
  what,
  wanted: `≤ ${String(most)}`,
  value: String(value),
  met: value <= most,
});

/** A ratio of two values that is at least so much, to a tenth of a percent; null = there is none. */
export const ratioAtLeast = (what: string, least: number, value: number | null): Measure => ({
  what,
  wanted: `≥ ${tenths(least)}`,
  value: value === null ? 'none' : tenths(value),
  met: value === null || value >= least - 1e-9,
});

const tenths = (value: number): string => `${(value * 100).toFixed(1)} %`;

/** Fewest and most of something that is wanted two to six times. */
export const twoToSix = (what: string, [fewest, most]: readonly [number, number]): Measure => ({
  what,
  wanted: '2–6 each',
  value: `${String(fewest)}–${String(most)}`,
  met: fewest >= 2 && most <= 6,
});
