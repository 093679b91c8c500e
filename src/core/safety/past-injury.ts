import type { TestId } from '../library';
import type { MethodTables } from '../method';
import type { TestState } from '../testing';

/** The screens still open for past injuries before high-tier jumps; untested counts as not passed here (SAFE-11). */
export const openAfterInjury = (
  places: readonly string[],
  tests: Readonly<Partial<Record<TestId, TestState>>>,
  { injuries }: Pick<MethodTables, 'injuries'>,
): TestId[] =>
  [
    ...new Set(places.flatMap((place) => (Object.hasOwn(injuries, place) ? (injuries[place]?.screens ?? []) : []))),
  ].filter((id) => tests[id] !== 'passed');
