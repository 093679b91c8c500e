import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { VIRTUAL_ATHLETES as P } from '$catalog/virtual-athletes';
import { dose } from '../../../tests/fixtures';
import { addDays, type Day } from '../calendar';
import { getExercise, LEVELS, type Level } from '../library';
import { seeded } from '../random';
import { answerOf, doLine, drawBody, passDay, performance, wakeUp, type Body } from '.';

const START: Day = '2026-07-06';
const known = (liftLevel: Level) => ({
  liftLevel,
  jumpLevel: liftLevel,
  bodyMassKg: 75,
  testedKg: { 'back-squat': 120 },
  testedJumpM: 0.4,
});
const born = (level: Level = 'trained', seed = 1): Body => drawBody(known(level), P, seeded(seed));
const squat = getExercise(LIBRARY, 'back-squat');
/** So many squat sessions of `sets` × 5 at a reserve of two, a week each. */
function trainedFor(weeks: number, sessions: number, sets: number, body = born()): Body {
  const next = seeded(7);
  for (let n = 0; n < weeks * 7; n++) {
    const loadKg = Math.floor(((body.traits.maximaKg['back-squat'] ?? 0) * body.strength.knee) / (1 + 7 / 30));
    if (n % 7 < sessions * 2 && n % 2 === 0)
      body = doLine(
        body,
        { exercise: squat, row: 'D-MAX', dose: dose({ sets, amount: 5, rir: 2, loadKg }), lastDone: null },
        addDays(START, n),
        METHOD,
        P,
        next,
      ).body;
    body = passDay(body, P);
  }
  return body;
}

describe('virtual athletes', () => {
  it('are the same for the same seed and near what tests say', () => {
    fc.assert(
      fc.property(fc.nat(), fc.constantFrom(...LEVELS), (seed, level) => {
        const body = born(level, seed);
        expect(born(level, seed)).toEqual(body);
        expect((body.traits.maximaKg['back-squat'] ?? 0) / 120).toBeCloseTo(1, 0);
        expect(body.traits.maximaKg.deadlift).toBeGreaterThan(0);
      }),
    );
  });

  it('gain from training and less from each set more, the more the less they are trained; lose without', () => {
    const gain = (weeks: number, sessions: number, sets: number, level?: Level): number =>
      trainedFor(weeks, sessions, sets, born(level)).strength.knee - 1;
    const [none, few, some, many] = [0, 1, 3, 6].map((sets) => gain(10, sets === 0 ? 0 : 2, sets));
    expect(none!).toBeLessThan(0);
    expect(few!).toBeLessThan(some!);
    expect(some!).toBeLessThan(many!);
    expect(many! - some!).toBeLessThan(some! - few!);
    expect(gain(10, 2, 3, 'foundation')).toBeGreaterThan(gain(10, 2, 3, 'advanced'));
    // one hard session a week keeps what there is
    expect(gain(12, 1, 3)).toBeGreaterThan(-0.005);
    expect(performance(trainedFor(10, 3, 4), P).strength).toBeLessThan(trainedFor(10, 3, 4).strength.knee);
  });

  it('fall short of what is too heavy and say what was left where it was clearly otherwise', () => {
    const body = born();
    const at = (share: number) =>
      doLine(
        body,
        {
          exercise: squat,
          row: 'D-MAX',
          lastDone: null,
          dose: dose({ sets: 3, amount: 5, rir: 2, loadKg: (body.traits.maximaKg['back-squat'] ?? 0) * share }),
        },
        START,
        METHOD,
        P,
        seeded(3),
      ).sets;
    expect(at(0.97).every(({ amount, rir }) => amount < 5 && rir === 0)).toBe(true);
    expect(at(0.6).every(({ amount }) => amount === 5)).toBe(true);
    expect(at(0.6).some(({ rir }) => rir !== null && rir > 4)).toBe(true);
    const found = doLine(
      body,
      { exercise: squat, row: 'D-MAX', dose: dose({ sets: 2, amount: 5, rir: 2 }), lastDone: null },
      START,
      METHOD,
      P,
      seeded(3),
    );
    expect(found.sets[0]!.loadKg! / (body.traits.maximaKg['back-squat'] ?? 1)).toBeCloseTo(1 / (1 + 7 / 30), 1);
  });

  it('feel what is new and more than usual, less when they are used to it', () => {
    const answers = (body: Body): number => {
      const next = seeded(11);
      return Array.from({ length: 400 }, () => answerOf(body, METHOD, P, next)).filter(
        ({ answer }) => answer === 'tight',
      ).length;
    };
    const done = (body: Body, sets: number, lastDone: Day | null = null): Body =>
      doLine(
        body,
        { exercise: squat, row: 'D-STR', dose: dose({ sets, amount: 10, rir: 2, loadKg: 70 }), lastDone },
        START,
        METHOD,
        P,
        seeded(5),
      ).body;
    const used = trainedFor(6, 2, 5);
    expect(answers(done(born(), 10))).toBeGreaterThan(answers(done(born(), 3)));
    expect(answers(done(used, 6))).toBeLessThan(answers(done(born(), 6)));
    const ago = (days: number) => done(born(), 3, addDays(START, -days)).sore.quadriceps!;
    expect(ago(P.soreness.novelAfterDays)).toBeLessThan(ago(P.soreness.novelAfterDays + 1));
    expect(ago(P.soreness.novelAfterDays + 1)).toBe(done(born(), 3).sore.quadriceps);
    const sore = answerOf({ ...done(born(), 12), traits: { ...born().traits, honesty: 1 } }, METHOD, P, seeded(2));
    expect(sore).toMatchObject({ answer: 'tight' });
    expect(METHOD.places[sore.place!]!.checkin).toBe(true);
  });

  it('pain goes by itself, and is told by who is honest', () => {
    const hurt: Body = { ...born(), traits: { ...born().traits, honesty: 1 }, pain: { place: 'knee', score: 4 } };
    expect(answerOf(hurt, METHOD, P, seeded(1))).toEqual({ answer: 'pain', place: 'knee', score: 4 });
    let body = hurt;
    for (let n = 0; n < 40; n++) body = passDay(body, P);
    expect(body.pain).toBeNull();
    // who is far too sore hurts more often
    const often = (sore: number): number =>
      Array.from({ length: 500 }, (_, seed) =>
        wakeUp({ ...born(), sore: { quadriceps: sore } }, METHOD, P, seeded(seed)),
      ).filter(({ pain }) => pain).length;
    expect(often(20)).toBeGreaterThan(often(0) * 2);
  });
});
