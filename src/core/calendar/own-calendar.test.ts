import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { dayLimits } from '../season';
import { isWithin, ownTags, type OwnCalendar } from '.';

const SATURDAY = '2026-11-28';
const events = [{ day: SATURDAY, kind: 'league' as const }];
const calendar = (own: Partial<OwnCalendar> = {}) => ({ elsewhere: [], had: [], ...own });
const at = (day: string, own: Partial<OwnCalendar> = {}) => {
  const { tags, recovers } = ownTags(day, events, calendar(own), { reach: 14, shortMinutes: 20 });
  const limits = dayLimits(tags, METHOD.settings);
  return { ...limits, recovery: limits.recovery && recovers };
};
const had = (selected: boolean, minutes: number | null) => ({ had: [{ day: SATURDAY, selected, minutes }] });

describe('an athlete’s own match days (WEEK-4)', () => {
  it('takes an event of which nothing is known as played', () => {
    expect(at('2026-11-27')).toMatchObject({ quiet: true, primerOnly: true });
    expect(at('2026-11-29')).toMatchObject({ recovery: true, daysAfter: 1 });
    expect(at('2026-11-29', had(true, null)).recovery).toBe(true);
  });

  it('gives no tags by an event the athlete is not selected for', () => {
    expect(at('2026-11-27', had(false, null))).toMatchObject({ quiet: false, primerOnly: false, daysBefore: null });
    expect(at('2026-11-29', had(false, null))).toMatchObject({ recovery: false, daysAfter: null });
  });

  it.each([
    [19, false],
    [20, true],
    [60, true],
    [0, false],
  ])('%i minutes played: recovery the day after is %s, and the event still lies a day behind', (minutes, recovery) => {
    expect(at('2026-11-29', had(true, minutes))).toMatchObject({ recovery, daysAfter: 1 });
    expect(at('2026-11-27', had(true, minutes)).primerOnly).toBe(true);
  });

  it('holds the days around an event played with others', () => {
    const elsewhere = [{ day: '2026-11-25', kind: 'league' as const }];
    expect(at('2026-11-24', { elsewhere })).toMatchObject({ primerOnly: true, daysBefore: 1 });
    expect(at('2026-11-26', { elsewhere })).toMatchObject({ recovery: true, quiet: true, daysBefore: 2 });
    // short for one squad, whole for the other on the same day
    expect(at('2026-11-29', { elsewhere: [{ day: SATURDAY, kind: 'cup' }], ...had(true, 5) }).recovery).toBe(true);
  });
});

it('counts both ends of days', () => {
  const spans = [{ from: '2026-11-24', to: '2026-11-26' }];
  expect(['2026-11-23', '2026-11-24', '2026-11-26', '2026-11-27'].map((day) => isWithin(day, spans))).toEqual([
    false,
    true,
    true,
    false,
  ]);
});
