import type { TestId } from '../library';
import type { TestState } from '../testing';

/** Screens a past injury asks for before high-tier jumps, by place (SAFE-11). */
const ASKED: Readonly<Record<string, readonly TestId[]>> = {
  foot: ['C1', 'C6'],
  knee: ['C5', 'C6'],
  'back-thigh': ['C2', 'bridge-hold'],
  groin: ['C5', 'squeeze'],
};

/** The screens still open for past injuries; untested counts as not passed here. */
export const openAfterInjury = (
  places: readonly string[],
  tests: Readonly<Partial<Record<TestId, TestState>>>,
): TestId[] => [...new Set(places.flatMap((place) => ASKED[place] ?? []))].filter((id) => tests[id] !== 'passed');
