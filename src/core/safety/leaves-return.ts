import type { TestId } from '../library';
import type { MethodTables } from '../method';
import type { Outcome, TestState } from '../testing';
import { finesLeft, type Returning } from './return-stage';

/** One thing asked before *return* is left (SAFE-2). */
export interface LeaveCheck {
  /** `note` the last stage by the clinician's note, `calm` its fine answers, else a test by id */
  readonly of: 'note' | 'calm' | 'symmetry' | 'screen';
  readonly test: string | null;
  /** null = not known: it counts as not met */
  readonly met: boolean | null;
  /** weak side over strong side, where it was measured */
  readonly share: number | null;
}

/**
 * What stands between an athlete and leaving *return*: the clinician's last stage, no pain there, sides alike, the skill
 * screens; then the coach says so (SAFE-2).
 * @param place of the complaint
 * @param outcomes by test, on the day
 */
export function leaveChecks(
  returning: Returning,
  place: string,
  tests: Readonly<Partial<Record<TestId, TestState>>>,
  outcomes: ReadonlyMap<string, Outcome>,
  method: Pick<MethodTables, 'places' | 'returning'>,
): LeaveCheck[] {
  const row = Object.hasOwn(method.places, place) ? method.places[place]?.row : undefined;
  const { leaving, symmetryFrom } = method.returning;
  const asked = row !== undefined && Object.hasOwn(leaving, row) ? leaving[row] : undefined;
  const atLast = returning.stage === 'full';
  return [
    { of: 'note', test: null, met: atLast, share: null },
    { of: 'calm', test: null, met: atLast && finesLeft(returning) === 0, share: null },
    ...(asked?.symmetry ?? []).map((test): LeaveCheck => {
      const share = shareOf(outcomes.get(test));
      return { of: 'symmetry', test, met: share === null ? null : share >= symmetryFrom - 1e-9, share };
    }),
    ...(asked?.screens ?? []).map((test): LeaveCheck => {
      const state = tests[test];
      return { of: 'screen', test, met: state === undefined ? null : state === 'passed', share: null };
    }),
  ];
}

function shareOf(outcome: Outcome | undefined): number | null {
  const [left, right] = [outcome?.sides.left?.value, outcome?.sides.right?.value];
  if (!outcome || outcome.stale || left === undefined || right === undefined) return null;
  const strong = Math.max(left, right);
  return strong > 0 ? Math.min(left, right) / strong : null;
}
