import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { z } from 'zod';
import { parseDose } from '$core/exchange';
import { checkInSchema, keepCardSchema, setLogSchema } from './bodies';
import {
  athleteFactsSchema,
  clearanceSchema,
  complaintSchema,
  eventSchema,
  gymDaysSchema,
  facilitySchema,
  squadSchema,
} from './forms';
import { DEFAULT_KIT, placeOf } from './kit';

const errors = (schema: z.ZodType, value: unknown): Record<string, string[] | undefined> => {
  const parsed = schema.safeParse(value);
  return parsed.success ? {} : z.flattenError(parsed.error).fieldErrors;
};
const newSquad = {
  ...{ name: 'First', sportId: 'ultimate', weekdays: ['2', '4'], start: '18:00', minutes: '60' },
  ...{ facilityId: 'new', placeName: 'School gym', placeKit: 'gym', placeRacks: '5', names: '' },
};
const typedDose = fc
  .tuple(
    fc.integer({ min: 1, max: 22 }),
    fc.integer({ min: 1, max: 700 }),
    fc.constantFrom('', ' s', ' m', ' /side'),
    fc.constantFrom('', ' 82.5 kg', ' 85 %', ' 120 %'),
    fc.constantFrom('', ' rir 2', ' rir 1.5', ' rir 10'),
    fc.constantFrom('', ' rest 2:30', ' 15:00'),
  )
  .map(([sets, amount, ...rest]) =>
    sets < 4
      ? `${String(amount % 25)}-3-1 (${String(amount % 90)} on/${String(sets)} off)${rest[3]}`
      : `${String(sets)} x ${String(amount)}${rest.join('')}`,
  );
const facts = {
  name: 'Ana Sol',
  birthDate: '',
  sex: '',
  bodyMassKg: '',
  liftLevel: 'foundation',
  jumpLevel: 'trained',
  jumpSeasons: '',
  growthCmPerMonth: '',
  role: '',
};

describe('forms as they are typed', () => {
  it('reads empty fields as not known and commas as points', () => {
    expect(athleteFactsSchema.parse({ ...facts, bodyMassKg: ' 61,5 ' })).toMatchObject({
      birthDate: null,
      sex: null,
      bodyMassKg: 61.5,
      jumpSeasons: null,
      guardianConsent: false,
    });
    expect(athleteFactsSchema.parse({ ...facts, guardianConsent: 'on' }).guardianConsent).toBe(true);
  });

  test.each([
    ['no name', athleteFactsSchema, { ...facts, name: ' ' }, 'name', 'Write the name.'],
    [
      'a birth date that is none',
      athleteFactsSchema,
      { ...facts, birthDate: '2026-02-30' },
      'birthDate',
      '28 Nov 2026',
    ],
    ['a body mass in words', athleteFactsSchema, { ...facts, bodyMassKg: 'sixty' }, 'bodyMassKg', 'from 20 to 250'],
    [
      'a score of eleven',
      complaintSchema,
      { place: 'knee', side: '', score: '11', signs: [], since: '2026-11-24' },
      'score',
      'at most 10',
    ],
    [
      'half a score',
      complaintSchema,
      { place: 'knee', side: '', score: '2.5', signs: [], since: '2026-11-24' },
      'score',
      'whole number',
    ],
    ['no gym day', gymDaysSchema, { weekdays: [], start: '18:30', minutes: '55' }, 'weekdays', 'at least one'],
    [
      'a start that is no time',
      gymDaysSchema,
      { weekdays: ['2'], start: '25:10', minutes: '55' },
      'start',
      'A time as 18:30.',
    ],
    ['five minutes', gymDaysSchema, { weekdays: ['2'], start: '18:30', minutes: '5' }, 'minutes', 'at least 10'],
    [
      'a bar of a ton',
      facilitySchema,
      { equipment: [], racks: '2', barKg: '1000', smallestPlateKg: '1.25', bellsKg: '8' },
      'barKg',
      'at most 30',
    ],
    [
      'an event without a name',
      eventSchema,
      { day: '2026-11-28', name: '', kind: 'league' },
      'name',
      'Who or what is it?',
    ],
    ['a squad without a name', squadSchema, { ...newSquad, name: '' }, 'name', 'Give the squad a name.'],
    ['a squad without a sport', squadSchema, { ...newSquad, sportId: '' }, 'sportId', 'Choose the sport.'],
    ['a squad without a place', squadSchema, { ...newSquad, facilityId: '' }, 'facilityId', 'where it trains'],
    ['a place without a name', squadSchema, { ...newSquad, placeName: ' ' }, 'placeName', 'Give the place a name.'],
    ['a place that has who knows what', squadSchema, { ...newSquad, placeKit: '' }, 'placeKit', 'what it has'],
    ['a gym with racks uncounted', squadSchema, { ...newSquad, placeRacks: '' }, 'placeRacks', 'How many racks'],
    [
      'a clearance by nobody',
      clearanceSchema,
      { complaintId: '01a21048-4b73-700f-a1e9-9b11caf67000', role: '', expires: '2026-12-01', lifts: '' },
      'role',
      'Who cleared it',
    ],
  ])('%s', (_name, schema, value, field, said) => {
    expect(errors(schema, value)[field]?.join(' ')).toContain(said);
  });

  it('takes what is right', () => {
    expect(gymDaysSchema.parse({ weekdays: ['2', '4'], start: '07:00', minutes: '45' })).toEqual({
      weekdays: [2, 4],
      start: '07:00',
      minutes: 45,
    });
    expect(
      facilitySchema.parse({
        name: 'Hall',
        bars: '2',
        laneM: '20',
        surface: 'wood',
        equipment: ['rack'],
        racks: '3',
        barKg: '15',
        smallestPlateKg: '0,5',
        bellsKg: '8; 12,5 16',
      }).bellsKg,
    ).toEqual([8, 12, 5, 16]);
  });
});

describe('bodies', () => {
  const id = '01a21048-4b73-700f-a1e9-9b11caf67000';
  const set = {
    id,
    sessionId: id,
    athleteId: id,
    slot: 'main',
    setNumber: 1,
    amount: 5,
    loadKg: 80,
    rir: 2,
    fault: null,
    asWritten: true,
    doneAt: '2026-11-24T18:00:00Z',
  };

  test.each([
    [{ setNumber: 0 }],
    [{ amount: -1 }],
    [{ amount: 601 }],
    [{ loadKg: -20 }],
    [{ loadKg: 501 }],
    [{ rir: 11 }],
    [{ id: 'one' }],
    [{ doneAt: 'yesterday' }],
  ])('a set with %j is refused', (own) => {
    expect(setLogSchema.safeParse({ ...set, ...own }).success).toBe(false);
  });

  it('a new squad says its days and its place, with as many bars as racks', () => {
    expect(squadSchema.parse(newSquad)).toMatchObject({
      gymDays: [2, 4].map((weekday) => ({ weekday, start: '18:00', minutes: 60 })),
      place: { name: 'School gym', kit: { racks: 5, bars: 5 } },
    });
    const placeId = '01890000-0000-7000-8000-000000000001';
    expect(squadSchema.parse({ ...newSquad, facilityId: placeId, placeName: '', placeKit: '' }).place).toEqual({
      id: placeId,
    });
  });

  it('whatever can be typed as a dose can be done as it is written', () => {
    const bare = { percent: null, loadKg: null, rir: null, restSeconds: null, tempo: null };
    const start = { sets: 1, amount: 1, unit: 'reps', per: null, ...bare } as const;
    fc.assert(
      fc.property(typedDose, (typed) => {
        const read = parseDose(typed, start, 'kg');
        if (!read.ok) return;
        const { amount, loadKg, rir } = read.value;
        const shown = { exerciseId: 'deadlift', row: 'D-MAINT', dose: read.value, based: read.value, eased: [] };
        const done = { ...set, setNumber: read.value.sets, amount, loadKg, rir, shown };
        expect(setLogSchema.safeParse(done).error?.issues).toBeUndefined();
      }),
    );
  });

  it('a set is done unless it is taken back', () => {
    expect(setLogSchema.parse(set).removed).toBe(false);
  });

  test.each([
    [{ answer: 'pain', place: 'knee', score: null }, ['score_missing']],
    [{ answer: 'pain', place: null, score: 4 }, ['place_missing']],
    [{ answer: 'pain', place: null, score: null }, ['score_missing', 'place_missing']],
    [{ answer: 'tight', place: null, score: null }, []],
    [{ answer: 'fine', place: null, score: null }, []],
  ])('answer %j asks for %j', (own, asked) => {
    const parsed = checkInSchema.safeParse({ id, side: null, signs: [], ...own });
    expect(parsed.success ? [] : parsed.error.issues.map(({ message }) => message).sort()).toEqual([...asked].sort());
  });

  it('a change of a card names its day, its squad, and the version each part was seen at', () => {
    const body = {
      id,
      squadId: id,
      athleteId: null,
      day: '2026-11-24',
      head: null,
      lines: [],
      removed: [],
      typed: [],
      untyped: [],
    };
    const trouble = (own: object) => {
      const parsed = keepCardSchema.safeParse({ ...body, ...own });
      return parsed.success ? [] : parsed.error.issues.map(({ path }) => path.join('.'));
    };
    expect(trouble({})).toEqual([]);
    expect(trouble({ day: '2026-02-30', squadId: 'x' })).toEqual(['squadId', 'day']);
    expect(trouble({ removed: [{ slot: 'main' }] })).toEqual(['removed.0.seen']);
    expect(
      trouble({ head: { seen: 0, minutes: 1000, phase: 'in-season', template: 'full', facilityId: null } }),
    ).toEqual(['head.minutes']);
  });
});

it('reads a kit as a place: plates from the smallest up, bells as they are', () => {
  const place = placeOf({ ...DEFAULT_KIT, smallestPlateKg: 2.5, bellsKg: [8, 16] });
  expect(Math.min(...place.loading.barbell.pairs.map(({ mass }) => mass))).toBe(2.5);
  expect(place.loading).toMatchObject({ bellsKg: [8, 16], barbell: { bar: 20 } });
});
