import type { Dose } from './dose';

/**
 * How a set goes over both sides (DOSE-8): `alternate` every rep; `apart`, the rest between the sides too; `half`, one timed
 * amount for both, changed at half of it. Absent: each side in turn, straight on.
 */
export const SIDE_PLANS = ['alternate', 'apart', 'half'] as const;
export type SidePlan = (typeof SIDE_PLANS)[number];

/** The side plan that is followed: none where nothing is done a side at a time. */
export const sidePlanOf = ({ per, sides }: Pick<Dose, 'per' | 'sides'>): SidePlan | null =>
  per === null ? null : (sides ?? null);

/**
 * How often a set's amount is done, both sides counted: what time and landings go by.
 * @example amountsASet({ per: 'side', sides: 'half' }) // 1: forty seconds are twenty a side
 */
export const amountsASet = (dose: Pick<Dose, 'per' | 'sides'>): 1 | 2 =>
  dose.per === null || dose.sides === 'half' ? 1 : 2;

/** Seconds between the two sides of a set. */
export const restBetweenSides = (dose: Pick<Dose, 'per' | 'sides' | 'restSeconds'>): number =>
  sidePlanOf(dose) === 'apart' ? (dose.restSeconds ?? 0) : 0;
