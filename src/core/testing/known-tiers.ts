import type { TestId } from '../library';

/** Passed, failed, or nothing current known. */
export type TestState = 'passed' | 'failed';

export interface KnownTiers {
  readonly range: boolean;
  readonly control: boolean;
  readonly skill: boolean;
}

/** The tests each tier of the pyramid is judged from here (START-1). */
const TIER_TESTS: Readonly<Record<keyof KnownTiers, readonly TestId[]>> = {
  range: ['R1', 'R2', 'R4'],
  control: ['C1', 'C2', 'C3', 'C4', 'C5', 'C6'],
  skill: ['K1', 'K2'],
};

/**
 * Which tiers of the start line are known: every test of the tier has a result, or one of them failed.
 * A passed control screen counts for the easier ones never tested (START-3).
 * @param tests latest current state of each test; absent = not tested or past its time
 * @example knownTiers({ R1: 'failed' }).range // true
 */
export function knownTiers(tests: Readonly<Partial<Record<TestId, TestState>>>): KnownTiers {
  const isKnown = (tier: keyof KnownTiers): boolean => {
    const ids = TIER_TESTS[tier];
    if (ids.some((id) => tests[id] === 'failed')) return true;
    return ids.every((id, i) =>
      tier === 'control' ? ids.slice(i).some((harder) => tests[harder] !== undefined) : tests[id] !== undefined,
    );
  };
  return { range: isKnown('range'), control: isKnown('control'), skill: isKnown('skill') };
}
