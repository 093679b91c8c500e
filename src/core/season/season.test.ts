import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { dose } from '../../../tests/fixtures';
import { matchTags } from '../calendar';
import { kneeHip, kneeShare } from '../ledger';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { dayLimits, heavyFamilies, isHeavy, gymTimeOn, NO_CHANGES, nextGymTime } from '.';

const entry = (id: string, row: DoseRowId, own: Parameters<typeof dose>[0] = {}) => ({
  exercise: getExercise(LIBRARY, id),
  row,
  dose: dose(own),
});
const limits = (day: string, ...events: [string, 'friendly' | 'league'][]) =>
  dayLimits(
    matchTags(
      day,
      events.map(([on, kind]) => ({ day: on, kind })),
      14,
    ),
    METHOD.settings,
  );

describe('what a day allows', () => {
  test.each([
    [
      'four days before: all',
      '2026-11-24',
      { quiet: false, afterHeavy: false, primerOnly: false, recovery: false, daysBefore: 4 },
    ],
    ['two days before: quiet', '2026-11-26', { quiet: true, primerOnly: false, daysBefore: 2 }],
    ['the day before: a primer', '2026-11-27', { quiet: true, primerOnly: true, daysBefore: 1 }],
    ['the day itself', '2026-11-28', { quiet: true, primerOnly: true, daysBefore: 0 }],
    ['the day after: recovery', '2026-11-29', { quiet: false, afterHeavy: false, recovery: true, daysAfter: 1 }],
    ['two days after: all', '2026-11-30', { quiet: false, afterHeavy: false, recovery: false, daysAfter: 2 }],
  ])('%s', (_name, day, expected) => {
    expect(limits(day, ['2026-11-28', 'league'])).toMatchObject(expected);
  });

  it('a friendly limits its eve and its own day only', () => {
    expect(limits('2026-11-26', ['2026-11-28', 'friendly'])).toMatchObject({
      quiet: false,
      afterHeavy: false,
      daysBefore: null,
    });
    expect(limits('2026-11-27', ['2026-11-28', 'friendly'])).toMatchObject({ quiet: true, primerOnly: true });
    expect(limits('2026-11-29', ['2026-11-28', 'friendly'])).toMatchObject({ recovery: false });
  });

  it('two tags hold only what both allow', () => {
    expect(limits('2026-11-29', ['2026-11-28', 'league'], ['2026-11-30', 'league'])).toMatchObject({
      recovery: true,
      primerOnly: true,
      quiet: true,
    });
  });

  it('without events allows everything', () => {
    expect(limits('2026-11-24')).toEqual({
      on: false,
      quiet: false,
      afterHeavy: false,
      primerOnly: false,
      recovery: false,
      daysBefore: null,
      daysAfter: null,
    });
  });
});

describe('heavy lower-body work', () => {
  test.each([
    ['three sets near failure', entry('back-squat', 'D-MAINT', { sets: 3, rir: 2 }), true],
    ['two sets near failure', entry('back-squat', 'D-MAINT', { sets: 2, rir: 2 }), false],
    ['three sets with three left', entry('back-squat', 'D-MAINT', { sets: 3, rir: 3 }), false],
    ['three sets at 0.80', entry('back-squat', 'D-MAINT', { sets: 3, rir: 4, percent: 0.8 }), true],
    ['any eccentric', entry('nordic-partial', 'D-ECC', { sets: 2, rir: 3 }), true],
    ['structure of three sets', entry('goblet-squat', 'D-STR', { sets: 3, rir: 4 }), true],
    ['micro-dose', entry('back-squat', 'D-MICRO', { sets: 3, rir: 2 }), false],
    ['upper body', entry('bent-over-row', 'D-ASST', { sets: 4, rir: 1 }), false],
    ['jumps', entry('lateral-bound-stick', 'D-SLOW', { sets: 4 }), false],
  ])('%s: %s', (_name, one, expected) => {
    expect(isHeavy(one, METHOD)).toBe(expected);
  });

  it('adds lines of one family up, and keeps families apart', () => {
    const lunge = entry('split-squat', 'D-ASST', { sets: 2, rir: 2 });
    expect(heavyFamilies([lunge, entry('step-up', 'D-ASST', { sets: 1, rir: 2 })], METHOD)).toEqual([
      'single-leg-knee',
    ]);
    expect(heavyFamilies([lunge, entry('hip-thrust', 'D-ASST', { sets: 2, rir: 2 })], METHOD)).toEqual([]);
  });
});

describe('knee and hip', () => {
  it('splits hard sets by dominance', () => {
    const { knee, hip } = kneeHip(
      [
        entry('back-squat', 'D-MAINT', { rir: 3 }),
        entry('hip-thrust', 'D-MAINT', { rir: 3 }),
        entry('push-up', 'D-ASST', { rir: 2 }),
      ],
      METHOD,
    );
    expect(knee).toBeCloseTo(3 * 0.62 + 3 * 0.12, 9);
    expect(hip).toBeCloseTo(3 * 0.38 + 3 * 0.88, 9);
  });

  it('is judged from six sets up', () => {
    expect(kneeShare({ knee: 3, hip: 2.9 }, METHOD)).toBeNull();
    expect(kneeShare({ knee: 3, hip: 3 }, METHOD)).toBe(0.5);
    expect(kneeShare({ knee: 0, hip: 0 }, METHOD)).toBeNull();
  });
});

describe('when a squad is in the gym', () => {
  const gymDays = [2, 4].map((weekday) => ({ weekday, start: '18:30', minutes: 55 }));
  const moves = [{ from: '2026-11-26', to: '2026-11-27', start: '07:00' }];
  const closures = [{ id: 'c', name: 'hall', from: '2026-12-01', to: '2026-12-07', kind: 'closed' as const }];
  const times = { gymDays, changes: { ...NO_CHANGES, moves }, closures };

  it.each([
    ['2026-11-24', '18:30'],
    ['2026-11-25', undefined],
    ['2026-11-26', undefined],
    ['2026-11-27', '07:00'],
    ['2026-12-01', undefined],
  ])('%s at %s: what was moved, and not while the hall is shut', (day, start) => {
    expect(gymTimeOn(day, times)?.start).toBe(start);
  });

  it.each([
    ['2026-11-24', '2026-11-27'],
    ['2026-11-27', '2026-12-08'],
  ])('after %s comes %s', (after, next) => {
    expect(nextGymTime(after, times)).toBe(next);
  });

  it('has no next day without gym days', () => {
    expect(nextGymTime('2026-11-24', { ...times, gymDays: [] })).toBeNull();
  });
});
