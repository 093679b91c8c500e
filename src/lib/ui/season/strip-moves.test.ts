import { describe, expect, it } from 'vitest';
import { addDays } from '$core/calendar';
import { eventDayIn, moveBlockEnd, moveEdge } from './strip-moves';

const weeks = (['general', 'general', 'specific', 'specific', 'in-season', 'peak'] as const).map((phase, i) => ({
  number: i + 1,
  start: addDays('2026-08-03', 7 * i),
  phase,
  closed: false,
}));

describe('the strip’s edges', () => {
  it.each([
    ['later: the phase before grows', 3, 4, { from: '2026-08-17', to: '2026-08-17', phase: 'general' }],
    ['later by two', 3, 5, { from: '2026-08-17', to: '2026-08-24', phase: 'general' }],
    ['earlier: the phase after grows', 3, 2, { from: '2026-08-10', to: '2026-08-10', phase: 'specific' }],
    ['where it is', 3, 3, null],
    ['a peak grows by its event, not by hand', 6, 5, null],
    ['into what a peak holds: dates say where it lies', 6, 7, null],
    ['before the first week', 3, 0, null],
    ['past the last', 3, 9, null],
  ])('%s', (_name, edge, to, expected) => {
    expect(moveEdge(weeks, edge, to)).toEqual(expected);
  });

  it('gives a block its length, within what a block may have', () => {
    expect([2, 4, 6, 20].map((to) => moveBlockEnd(weeks, 1, to)?.weeks)).toEqual([2, 3, 5, 5]);
    expect(moveBlockEnd(weeks, 1, 4)?.from).toBe('2026-08-03');
    expect(moveBlockEnd(weeks, 9, 12)).toBeNull();
  });
});

it('an event keeps its weekday in another week', () => {
  expect(eventDayIn('2026-08-08', weeks[0]!, weeks[3]!)).toBe('2026-08-29');
});
