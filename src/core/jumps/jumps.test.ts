import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { dose } from '../../../tests/fixtures';
import { getExercise } from '../library';
import worked from '../../../tests/worked-values.json';
import { contactsOf, jumpBudget, shockGate, tierOf } from '.';

const entry = (id: string) => getExercise(LIBRARY, id);
const contacts = (id: string, own: Parameters<typeof dose>[0]) => contactsOf(entry(id), dose(own), METHOD.settings);

describe('contacts', () => {
  test.each([
    ['a jump is 1', 'countermovement-jump', { sets: 4, amount: 4 }, { raw: 16, weighted: 16, tier: 'medium' }],
    [
      'two broad jumps into a vertical are 3, high tier',
      'double-broad-vertical',
      { sets: 3, amount: 2 },
      { raw: 18, weighted: 27, tier: 'high' },
    ],
    ['a drop jump is 2, shock', 'drop-jump', { sets: 2, amount: 3 }, { raw: 12, weighted: 24, tier: 'shock' }],
    [
      'rising without leaving the floor is 0',
      'rise-to-extension',
      { sets: 3, amount: 6 },
      { raw: 0, weighted: 0, tier: null },
    ],
    ['low two-foot in place weighs a quarter', 'pogo', { sets: 3, amount: 12 }, { raw: 36, weighted: 9, tier: 'low' }],
    [
      'a side counts both legs',
      'lateral-bound-stick',
      { sets: 3, amount: 3, per: 'side' as const },
      { raw: 18, weighted: 18, perLeg: 9 },
    ],
    [
      'seconds become contacts by cadence',
      'line-hops-two-feet',
      { sets: 2, amount: 10, unit: 'seconds' as const },
      { raw: 40, weighted: 10 },
    ],
    ['a lift does not land', 'back-squat', {}, { raw: 0, weighted: 0, perLeg: 0, tier: null }],
  ])('%s', (_name, id, own, expected) => {
    expect(contacts(id, own)).toMatchObject(expected);
  });

  it('weighs tiers as the worked values do', () => {
    const [mixed] = worked.contacts;
    const { lowTwoFootInPlace, low, medium, high } = METHOD.settings.tierWeights;
    const counts = mixed!.items.map((item) => item.contacts);
    expect(counts[0]! * lowTwoFootInPlace + counts[1]! * low + counts[2]! * medium + counts[3]! * high).toBe(
      mixed!.weighted,
    );
    const square = {
      ...entry('line-hops-one-foot'),
      plyo: { ...entry('line-hops-one-foot').plyo!, contactsPerRep: 4, cadencePerSecond: null },
    };
    expect(contactsOf(square, dose({ sets: 3, amount: 10, unit: 'laps', per: 'side' }), METHOD.settings)).toMatchObject(
      { raw: 240, perLeg: 120, weighted: 120 },
    );
  });

  it('moves a long switching set up a tier', () => {
    expect(tierOf(entry('switching-split-jump'), dose({ amount: 5 }))).toBe('medium');
    expect(tierOf(entry('switching-split-jump'), dose({ amount: 6 }))).toBe('high');
  });
});

describe('budget', () => {
  const base = {
    jumpLevel: 'trained',
    phase: 'in-season',
    lighterWeek: false,
    cautious: false,
    unfamiliarOrHardSurface: false,
    growth: false,
    practiceJumps: 0,
  } as const;
  test.each([
    ['practice takes half its jumps', { practiceJumps: 30 }, { target: 35, limit: 45 }],
    ['never below 0', { practiceJumps: 500 }, { target: 0, limit: 0, rawCap: 0 }],
    ['hard floor', { unfamiliarOrHardSurface: true }, { target: 40, limit: 48 }],
    ['cautious school', { cautious: true }, { target: 40, limit: 48 }],
  ])('%s', (_name, own, expected) => {
    expect(jumpBudget({ ...base, ...own }, METHOD)).toMatchObject(expected);
  });
});

describe('shock gate', () => {
  const ready = {
    landingScreenPassed: true,
    squatTimesBodyMass: 1.6,
    jumpSeasons: null,
    ageYears: 20,
    daysBeforeEvent: 4,
    daysAfterEvent: 3,
    lowerLimbComplaint: false,
    school: 'either',
  } as const;
  test.each([
    [{}, []],
    [{ landingScreenPassed: false }, ['landing_screen']],
    [{ squatTimesBodyMass: 1.4 }, ['strength_or_seasons']],
    [{ squatTimesBodyMass: null, jumpSeasons: 2 }, []],
    [{ squatTimesBodyMass: 1.6, school: 'history' as const }, ['strength_or_seasons']],
    [{ ageYears: null }, ['age']],
    [{ daysBeforeEvent: 3 }, []],
    [{ daysBeforeEvent: 2 }, ['near_event']],
    [{ daysAfterEvent: 1 }, ['after_event']],
    [{ lowerLimbComplaint: true }, ['complaint']],
  ])('%j leaves %j', (own, expected) => {
    expect(shockGate({ ...ready, ...own }, METHOD)).toEqual(expected);
  });
});
