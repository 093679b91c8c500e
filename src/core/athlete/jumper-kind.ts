import { jumperOf, type Outcomes } from '../startline';
import { assumedNoise, bestOf, type TestSpecs } from '../testing';
import type { AthleteFacts } from './athlete-facts';

/** From which take-off an athlete jumps higher, beyond the error (START-6); null = even, or not known. */
export function jumperKind(outcomes: Outcomes, specs: TestSpecs): AthleteFacts['jumper'] {
  const spec = specs.get('approach-one');
  const value = (id: string): number | null => (spec ? bestOf(outcomes.get(id), spec) : null);
  const [one, two] = [value('approach-one'), value('approach-two')];
  if (!spec || one === null || two === null) return null;
  const { kind } = jumperOf(one, two, assumedNoise(spec.assumed, one));
  return kind === 'even' ? null : kind;
}
