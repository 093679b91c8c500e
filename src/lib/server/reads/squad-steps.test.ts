import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { runningKey } from '$core/choose';
import type { Line } from '$core/session';
import type { Exposure, Track } from '$core/track';
import { dose, trackOf } from '../../../../tests/fixtures';
import type { SessionRow } from '../repositories/sessions';
import { squadSteps } from './squad-steps';

const ENTRY = 'bent-knee-calf-raise';
const KEY = runningKey(ENTRY, 'D-STR');
const written = dose({ sets: 3, amount: 10 });
const card = (full: Line['full']): SessionRow =>
  ({
    id: 'card',
    day: '2026-11-17',
    phase: 'general',
    lines: [
      {
        slot: 'calf',
        exerciseId: ENTRY,
        row: 'D-STR',
        dose: full ? { ...written, sets: 2 } : written,
        full,
        reasons: [],
      },
    ],
  }) as unknown as SessionRow;
const did = (answer: 'fine' | 'tight', done: typeof written): Track => {
  const exposure: Exposure = {
    sessionId: 'card',
    day: '2026-11-17',
    dose: done,
    based: done,
    eased: [],
    sets: Array.from({ length: done.sets }, () => ({ amount: done.amount, loadKg: null, rir: null, fault: null })),
    response: { answer, place: answer === 'tight' ? 'calf' : null, score: null },
    settledBy: [],
  };
  return { ...trackOf(ENTRY, 'D-STR', done), exposures: [exposure] };
};
const steps = (full: Line['full'], answer: 'fine' | 'tight') =>
  squadSteps(
    [card(full)],
    Object.fromEntries(['a', 'b', 'c'].map((id) => [id, [did(answer, full ? { ...written, sets: 2 } : written)]])),
    'general',
    '2026-11-24',
    { library: LIBRARY, method: METHOD },
  )[KEY];

describe('a squad’s line after its last time (PROG-16)', () => {
  it('rises by the votes of those who did it whole, and falls by them', () => {
    expect(steps(null, 'fine')).toMatchObject({ kind: 'set-up', to: { sets: 4 } });
    expect(steps(null, 'tight')).toMatchObject({ kind: 'set-down' });
  });

  it.each(['TIME-1', 'BLOCK-1', 'WEEK-2'])('does not rise from what %s made shorter, and still falls', (rule) => {
    const full = { dose: written, rules: [rule] };
    expect(steps(full, 'fine')).toBeUndefined();
    expect(steps(full, 'tight')).toBeDefined();
  });
});
