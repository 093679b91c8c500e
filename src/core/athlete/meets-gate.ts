import { isLevelAtLeast, TESTS, type Gate, type Library } from '../library';
import type { MethodTables } from '../method';
import type { AthleteFacts } from './athlete-facts';

/**
 * Whether an athlete has shown what a gate asks. Untested is not shown (JUMP-2); a harder control screen passed counts
 * for an easier one never tested (START-3).
 */
export function meetsGate(gate: Gate, athlete: AthleteFacts, library: Library): boolean {
  if (gate.kind === 'level')
    return isLevelAtLeast(gate.of === 'lift' ? athlete.liftLevel : athlete.jumpLevel, gate.atLeast);
  if (gate.kind === 'rung') return ownedRung(gate.ladder, athlete, library) >= gate.rung;
  const own = athlete.tests[gate.test];
  if (own !== undefined) return own === 'passed';
  if (!gate.test.startsWith('C')) return false;
  return TESTS.some((test) => /^C[1-6]$/.test(test) && test > gate.test && athlete.tests[test] === 'passed');
}

/** The highest rung of a ladder the athlete owns by its mastery rule, counted from 1; 0 when none. */
export function ownedRung(ladderId: string, { history }: Pick<AthleteFacts, 'history'>, library: Library): number {
  const rungs = library.ladders.get(ladderId)?.rungs ?? [];
  return rungs.reduce(
    (top, rung, i) => (rung.exercises.some((id) => (history.mastered[id] ?? 0) >= rung.sessions) ? i + 1 : top),
    0,
  );
}

/** The rung an athlete stands on: on the control ladder what the screens say, as the reading does; elsewhere what is owned. */
export const standsOn = (
  ladderId: string,
  athlete: Pick<AthleteFacts, 'history' | 'controlRung'>,
  library: Library,
  { start }: Pick<MethodTables, 'start'>,
): number => (ladderId === start.controlLadder ? athlete.controlRung : null) ?? ownedRung(ladderId, athlete, library);
