import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { dose, trackOf } from '../../../tests/fixtures';
import type { Exposure, Track } from '../track';
import { asksForTest, historyOf } from '.';

const top = dose({ sets: 5, amount: 6 });
const exposure = (day: string, own: Partial<Exposure> = {}): Exposure => ({
  sessionId: day,
  day,
  dose: top,
  based: top,
  eased: [],
  sets: Array.from({ length: 5 }, () => ({ amount: 6, loadKg: null, rir: null, fault: null })),
  response: { answer: 'fine', place: null, score: null },
  settledBy: [],
  ...own,
});
const jump = (exposures: Exposure[], own: Partial<Track> = {}): Track =>
  trackOf('countermovement-jump', 'D-SLOW', top, {
    exposures,
    firstDone: exposures.at(-1)?.day ?? null,
    lastDone: exposures[0]?.day ?? null,
    ...own,
  });
const of = (tracks: Track[], before = '2026-11-24') => historyOf(tracks, before, ['deadlift'], LIBRARY, METHOD);

describe('what tracks say of the library', () => {
  it('when each entry was last done, before the day that asks', () => {
    const track = jump([exposure('2026-11-24'), exposure('2026-11-20')]);
    expect(of([track])).toMatchObject({
      lastDone: { 'countermovement-jump': '2026-11-20' },
      lastSession: '2026-11-20',
      recent: ['deadlift'],
    });
    expect(of([track], '2026-11-25').lastDone).toEqual({ 'countermovement-jump': '2026-11-24' });
    expect(of([jump([exposure('2026-11-24')])]).lastDone).toEqual({});
  });

  it('the latest of an entry done in two rows', () => {
    const other = trackOf('countermovement-jump', 'D-FAST', dose(), { lastDone: '2026-11-22' });
    expect(of([jump([exposure('2026-11-20')]), other]).lastDone).toEqual({ 'countermovement-jump': '2026-11-22' });
  });

  it('counts as mastered what was clean at the top with a fine morning, and nothing less', () => {
    const mastered = (...exposures: Exposure[]) => of([jump(exposures)]).mastered['countermovement-jump'] ?? 0;
    expect(mastered(exposure('2026-11-20'), exposure('2026-11-18'))).toBe(2);
    expect(mastered(exposure('2026-11-20', { response: null }))).toBe(0);
    expect(mastered(exposure('2026-11-20', { response: { answer: 'usual', place: null, score: null } }))).toBe(0);
    const less = dose({ sets: 4, amount: 6 });
    expect(mastered(exposure('2026-11-20', { dose: less, based: less }))).toBe(0);
    expect(mastered(exposure('2026-11-20', { sets: exposure('').sets.slice(1) }))).toBe(0);
  });

  it('owns for good the rung it left upward, and not the one it was sent down from', () => {
    const left = (movedTo: string) => of([jump([], { movedTo })]).mastered['countermovement-jump'] ?? 0;
    expect(left('tuck-jump')).toBeGreaterThan(3);
    expect(left('jump-and-stick')).toBe(0);
  });
});

it('a rung left twice for tightness asks for a test (PROG-4)', () => {
  expect([0, 1, 2, 3].map(asksForTest)).toEqual([false, false, true, true]);
});
