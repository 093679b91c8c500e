import { meetsGate } from '../athlete';
import type { Library, TestId } from '../library';
import type { MethodTables } from '../method';
import { earns } from '../track';
import type { ProgressCase } from './progress-case';
import { doseRange, entryOnRung, isAtMost, rungOf } from './range';

/** A test that would open the next rung. */
export interface OpeningTest {
  readonly test: TestId;
  /** the entry it opens */
  readonly opens: string;
}

/**
 * The tests that would open the next rung for who stands still below it: clean at the most of the range several times
 * running, and a test not shown (PROG-8). Levels and other ladders are no test, and only what the block develops asks.
 */
export function opensWith(of: ProgressCase, library: Library, method: MethodTables): OpeningTest[] {
  const { exercise, track, athlete, squad } = of;
  const { clearTimes } = method.settings.progress.asks;
  const range = doseRange(exercise, method.doses[of.row], library);
  const next = entryOnRung(exercise, 1, library);
  if (!range || !next || track.movedTo !== null || squad?.develops === false) return [];
  const last = track.exposures.slice(0, clearTimes);
  if (last.length < clearTimes || !last.every((exposure) => earns(exposure) && isAtMost(exposure, range))) return [];
  const tests = [...(rungOf(next, library)?.rung.gates ?? []), ...next.gates].flatMap((gate) =>
    gate.kind === 'test' && !meetsGate(gate, athlete, library) ? [gate.test] : [],
  );
  return [...new Set(tests)].map((test) => ({ test, opens: next.id }));
}
