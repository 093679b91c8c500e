import type { Demand, Family } from '../library';
import type { TierName } from '../testing';

export const FOCUS_IDS = [
  'range-ankle',
  'range-hip',
  'range-hip-flexor',
  'range-posterior',
  'control',
  'strength',
  'hinge-strength',
  'calf',
  'take-off',
  'landing',
  'cut',
  'slow-ssc',
  'fast-ssc',
  'speed',
  'gentle-knee',
  'gentle-hip',
] as const;
export type FocusId = (typeof FOCUS_IDS)[number];

/** What an athlete works on first, and what it adds to what the sport asks (START-1, 5, 7, 10). */
export interface FocusSpec {
  readonly name: string;
  /** the tier it mends; null = a lever or a gentle start */
  readonly tier: TierName | null;
  /** points added to the sport's demand weights, 0–3 */
  readonly emphasis: Readonly<Partial<Record<Demand, number>>>;
  /** families its first lines come from; empty = any */
  readonly families: readonly Family[];
  /** entries for daily work, two at a time */
  readonly drills: readonly string[];
}
export type FocusSpecs = Readonly<Record<FocusId, FocusSpec>>;

/** A focus the coach has set. */
export interface SetFocus {
  readonly id: FocusId;
  readonly since: string;
}

/** Under a focus on range or control the tiers above run at maintenance: the bottom of each range (START-1). */
export const holdsBack = (
  focus: SetFocus | null,
  specs: Readonly<Record<string, Pick<FocusSpec, 'tier'>>>,
): boolean => {
  const tier = focus && specs[focus.id]?.tier;
  return tier === 'range' || tier === 'control';
};
