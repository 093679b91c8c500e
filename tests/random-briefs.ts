import fc from 'fast-check';
import { LIBRARY } from '../src/catalog';
import type { AthleteFacts } from '../src/core/athlete';
import type { Brief } from '../src/core/choose';
import { LEVELS, SQUAD_PHASES } from '../src/core/library';
import type { DoseRowId } from '../src/core/method';
import { allDone, athlete, brief, dose, trackOf } from './fixtures';

const PLACES = ['knee', 'back-thigh', 'calf', 'foot', 'back', 'shoulder', 'front-thigh', 'groin', 'head', 'neck'];
const SCREENS = ['R1', 'R2', 'R4', 'R5', 'C1', 'C2', 'C3', 'C4', 'C5', 'C6', 'K1', 'K2'] as const;
const TRACKED: readonly [string, DoseRowId][] = [
  ['back-squat', 'D-MAINT'],
  ['back-squat', 'D-STR'],
  ['romanian-deadlift', 'D-MAINT'],
  ['countermovement-jump', 'D-SLOW'],
  ['pogo', 'D-FAST'],
  ['split-squat', 'D-ASST'],
  ['nordic-partial', 'D-ECC'],
];

const complaint = fc
  .record({ place: fc.constantFrom(...PLACES), score: fc.integer({ min: 1, max: 7 }) })
  .map(({ place, score }) => ({
    place,
    side: null,
    score,
    column: score >= 4 ? ('stop' as const) : score === 3 ? ('three' as const) : ('mild' as const),
  }));

const person = fc.record({
  liftLevel: fc.constantFrom(...LEVELS),
  jumpLevel: fc.constantFrom(...LEVELS),
  ageYears: fc.option(fc.integer({ min: 13, max: 34 })),
  bodyMassKg: fc.option(fc.integer({ min: 45, max: 115 })),
  growthCmPerMonth: fc.option(fc.constantFrom(0.2, 0.9), { freq: 4 }),
  tests: fc.uniqueArray(fc.tuple(fc.constantFrom(...SCREENS), fc.constantFrom('passed', 'failed')), {
    selector: ([id]) => id,
    maxLength: 12,
  }),
  squat: fc.option(fc.integer({ min: 40, max: 190 })),
  deadlift: fc.option(fc.integer({ min: 50, max: 220 })),
  caution: fc.constantFrom('none' as const, 'sets' as const, 'gentle' as const),
  complaints: fc.array(complaint, { maxLength: 2 }),
  done: fc.boolean(),
  owned: fc.array(
    fc.record({
      of: fc.constantFrom(...TRACKED),
      sets: fc.integer({ min: 1, max: 5 }),
      amount: fc.integer({ min: 2, max: 12 }),
      loadKg: fc.option(fc.integer({ min: 8, max: 70 }).map((n) => n * 2.5)),
      rir: fc.integer({ min: 0, max: 4 }),
      by: fc.constantFrom('done' as const, 'accepted' as const, 'opened' as const),
      last: fc.constantFrom('2026-11-20', '2026-11-08', '2026-10-20', '2026-09-01'),
    }),
    { maxLength: 4 },
  ),
});
type Person = typeof person extends fc.Arbitrary<infer T> ? T : never;

const factsOf = (one: Person, i: number): AthleteFacts =>
  athlete({
    id: `p${String(i)}`,
    name: `Person ${String(i)}`,
    liftLevel: one.liftLevel,
    jumpLevel: one.jumpLevel,
    ageYears: one.ageYears,
    bodyMassKg: one.bodyMassKg,
    growthCmPerMonth: one.growthCmPerMonth,
    tests: Object.fromEntries(one.tests),
    e1rmKg: {
      ...(one.squat === null ? {} : { 'back-squat': one.squat }),
      ...(one.deadlift === null ? {} : { deadlift: one.deadlift }),
    },
    caution: one.caution,
    complaints: one.complaints,
    history: one.done ? allDone(LIBRARY.exercises.keys(), '2026-11-20') : athlete().history,
  });

const tracksOf = (one: Person) =>
  one.owned.map(({ of: [id, row], sets, amount, loadKg, rir, by, last }) =>
    trackOf(id, row, dose({ sets, amount, loadKg: row === 'D-SLOW' || row === 'D-FAST' ? null : loadKg, rir }), {
      owned: { dose: dose({ sets, amount, loadKg, rir }), by, rules: [] },
      lastDone: last,
    }),
  );

/** A squad, a day and a place, at random. */
export const asked = fc
  .record({
    people: fc.array(person, { minLength: 1, maxLength: 4 }),
    phase: fc.constantFrom(...SQUAD_PHASES),
    minutes: fc.integer({ min: 20, max: 90 }),
    events: fc.array(
      fc.record({
        ahead: fc.integer({ min: -3, max: 6 }),
        kind: fc.constantFrom('league' as const, 'friendly' as const, 'cup' as const),
      }),
      { maxLength: 2 },
    ),
    missing: fc.subarray(['rack', 'barbell', 'box', 'bench', 'dumbbell', 'pull-up-bar', 'slider', 'landmine']),
    lane: fc.boolean(),
    primer: fc.boolean(),
  })
  .map(({ people, phase, minutes, events, missing, lane, primer }): Brief => {
    const base = brief();
    const day = '2026-11-24';
    return brief({
      day,
      phase,
      minutes,
      athletes: people.map(factsOf),
      tracks: Object.fromEntries(people.map((one, i) => [`p${String(i)}`, tracksOf(one)])),
      events: events.map(({ ahead, kind }) => ({
        day: new Date(Date.parse(day) + ahead * 86_400_000).toISOString().slice(0, 10),
        kind,
      })),
      place: {
        ...base.place,
        lane,
        equipment: base.place.equipment.filter((item) => !missing.includes(item as 'box')),
      },
      primer,
    });
  });
