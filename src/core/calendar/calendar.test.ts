import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { addDays, ageInYears, daysBetween, isDay, matchTags } from '.';

const words = (day: string, events: Parameters<typeof matchTags>[1]) =>
  matchTags(day, events, 14).map((t) => `${t.place} ${t.days}${t.friendly ? ' friendly' : ''}`);
const league = (day: string) => ({ day, kind: 'league' as const });

describe('plain days', () => {
  test.each([
    ['2026-02-28', true],
    ['2026-02-30', false],
    ['2026-2-3', false],
    ['', false],
    ['2026-11-24T10:00', false],
  ])('isDay(%j) is %s', (text, expected) => {
    expect(isDay(text)).toBe(expected);
  });

  it('adds and counts back to where it began', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -2000, max: 2000 }),
        (n) => daysBetween('2026-11-24', addDays('2026-11-24', n)) === n,
      ),
      { seed: 3 },
    );
  });

  test.each([
    ['2010-11-25', 15],
    ['2010-11-24', 16],
    ['2026-11-25', -1],
  ])('born %s is %i on 24 November 2026', (birth, age) => {
    expect(ageInYears(birth, '2026-11-24')).toBe(age);
  });

  it.each([
    ['2026-02-28', 17],
    ['2026-03-01', 18],
    ['2028-02-29', 20],
  ])('born on a leap day is on %s %i', (day, age) => {
    expect(ageInYears('2008-02-29', day)).toBe(age);
  });
});

describe('match tags', () => {
  test.each([
    ['four days before', '2026-11-24', [league('2026-11-28')], ['before 4']],
    ['on the day', '2026-11-28', [league('2026-11-28')], ['on 0']],
    ['between two', '2026-11-29', [league('2026-11-28'), league('2026-12-05')], ['after 1', 'before 6']],
    ['a run of days counts from its first', '2026-11-26', [league('2026-11-28'), league('2026-11-29')], ['before 2']],
    ['and from its last', '2026-11-30', [league('2026-11-28'), league('2026-11-29')], ['after 1']],
    ['a friendly two days ahead gives none', '2026-11-26', [{ day: '2026-11-28', kind: 'friendly' as const }], []],
    [
      'a friendly tomorrow does',
      '2026-11-27',
      [{ day: '2026-11-28', kind: 'friendly' as const }],
      ['before 1 friendly'],
    ],
    ['beyond reach', '2026-11-01', [league('2026-11-28')], []],
  ])('%s', (_name, day, events, expected) => {
    expect(words(day, events)).toEqual(expected);
  });
});
