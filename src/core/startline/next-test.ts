import type { TestSpec, TestSpecs } from '../testing';
import type { Outcomes } from './outcomes';
import type { TierReading } from './pyramid';
import type { StartSettings } from './settings';

/** A test worth doing, and what it would decide. */
export interface NextTest {
  readonly test: string;
  readonly decides: 'the tier' | 'where range is short' | 'the lever' | 'the jumper type';
  readonly minutes: number;
}

/** Squat and hinge are settled by whichever lift is cheapest to test. */
const STANDS_FOR: Readonly<Record<string, readonly string[]>> = {
  squat: ['back-squat', 'front-squat'],
  hinge: ['deadlift', 'romanian-deadlift'],
};

/**
 * What to test next: the cheapest test that would change a decision. A failed squat's heels come first, then the lowest
 * unknown tier (least equipment, fewest minutes, then id), then what the levers and the jumper type lack (START-2).
 * @param barred tests that a complaint or age forbids
 */
export function nextTests(
  tiers: readonly TierReading[],
  outcomes: Outcomes,
  specs: TestSpecs,
  settings: StartSettings,
  barred: (spec: TestSpec) => boolean,
): NextTest[] {
  const open = (ids: readonly string[]): TestSpec[] =>
    ids
      .flatMap((id) => STANDS_FOR[id] ?? [id])
      .flatMap((id) => specs.get(id) ?? [])
      .filter((spec) => !barred(spec))
      .sort((a, b) => a.equipment.length - b.equipment.length || a.minutes - b.minutes || (a.id < b.id ? -1 : 1));
  const as = (decides: NextTest['decides'], found: readonly TestSpec[]): NextTest[] =>
    found.map(({ id, minutes }) => ({ test: id, decides, minutes }));
  if (outcomes.get('R2')?.state === 'failed') {
    const heels = outcomes.get('R3');
    if (!heels || heels.stale) return as('where range is short', open(['R3']));
    const range = tiers.find(({ tier }) => tier === 'range');
    if (range?.missing.includes('R6')) return as('where range is short', open(['R6']));
  }
  const unknown = tiers.find(({ state, missing }) => state === 'unknown' && open(missing).length > 0);
  if (unknown) return as('the tier', open(unknown.missing));
  if (tiers.some(({ state }) => state === 'failed')) return [];
  const missing = (ids: readonly string[]): readonly string[] => ids.filter((id) => outcomes.get(id)?.stale !== false);
  return [
    ...as('the lever', open(missing(settings.tests.lever))),
    ...as('the jumper type', open(missing(['approach-one', 'approach-two']))),
  ];
}
