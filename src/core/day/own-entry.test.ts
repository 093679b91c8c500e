import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import { NO_HISTORY } from '../athlete';
import type { Line } from '../session';
import type { Track } from '../track';
import { makeDayContext } from './day-context';
import { ownEntry } from './own-entry';

const [LOW, HIGH] = ['calf-raise-two-leg', 'calf-raise-one-leg'];
const line = (from: string | null) =>
  ({
    slot: 'calf',
    exerciseId: HIGH,
    row: 'D-ASST',
    reasons: from === null ? [] : [{ code: 'squad_rung', rules: ['PROG-16'], facts: { from, today: true, below: '' } }],
  }) as unknown as Line;
const entry = (from: string | null, owns: boolean, tracks: Track[] = []) =>
  ownEntry(
    line(from),
    athlete({ history: { ...NO_HISTORY, mastered: owns ? { [LOW]: 9 } : {} } }),
    makeDayContext({ ...brief(), tracks: { a1: tracks } }, LIBRARY, METHOD),
  ).id;

describe('where the squad has climbed a rung (PROG-16)', () => {
  it('who owns the rung below goes along, who does not stays on it', () => {
    expect(entry(LOW, true)).toBe(HIGH);
    expect(entry(LOW, false)).toBe(LOW);
  });

  it('who stands on the new rung already stays there', () => {
    expect(entry(LOW, false, [trackOf(HIGH, 'D-ASST', dose())])).toBe(HIGH);
  });

  it('a line that climbed nothing is as it is written', () => {
    expect(entry(null, false)).toBe(HIGH);
    expect(entry('no-such-entry', false)).toBe(HIGH);
  });
});
