import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { allDone, athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import { NO_HISTORY, type AthleteFacts } from '../athlete';
import { makeContext, solveCard, type Brief } from '../choose';
import type { OwnCalendar } from '../calendar';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import type { Line, TypedLine } from '../session';
import type { Track } from '../track';
import { athleteBudget, dayView, easeForWeek, type DayLine } from '.';

const DONE = allDone(LIBRARY.exercises.keys());
const person = (own: Partial<AthleteFacts> = {}): AthleteFacts => athlete({ history: DONE, ...own });
const line = (exerciseId: string, row: DoseRowId, of: Partial<Dose> = {}, own: Partial<Line> = {}): Line => ({
  slot: 'main',
  block: 'main',
  group: null,
  exerciseId,
  row,
  dose: dose(of),
  full: null,
  reasons: [],
  pinned: false,
  typed: false,
  substitutes: [],
  note: null,
  only: null,
  ...own,
});
const views = (lines: Line[], one: AthleteFacts, own: Partial<Brief> = {}, typed: TypedLine[] = []): DayLine[] =>
  dayView({ lines, typed }, one, makeContext(brief({ events: [], athletes: [one], ...own }), LIBRARY, METHOD));
const view = (of: Line, one: AthleteFacts, own: Partial<Brief> = {}): DayLine => views([of], one, own)[0]!;
/** On an own card what is owned stands; on a squad's the squad's (PROG-16). */
const owning = (id: string, row: DoseRowId, of: Dose, own: Parameters<typeof trackOf>[3] = {}) => ({
  tracks: { a1: [trackOf(id, row, of, own)] },
});
const hurt = (place: string, score: number): Partial<AthleteFacts> => ({
  complaints: [{ place, side: null, score, column: score >= 4 ? 'stop' : score === 3 ? 'three' : 'mild' }],
});
const codes = (of: DayLine): string[] => of.reasons.map(({ code }) => code);

describe('what an athlete owns stands on any card', () => {
  const squat = line('back-squat', 'D-MAINT', { sets: 3, amount: 6, rir: 2 });
  const owned = dose({ sets: 2, amount: 5, loadKg: 47.5, rir: 2 });

  it('its sets, reps and load on an own card; on a squad’s its load, at the squad’s sets and reps (PROG-15)', () => {
    const of = owning('back-squat', 'D-MAINT', owned);
    expect(view(squat, person(), { ...of, own: true }).dose).toMatchObject({ sets: 2, amount: 5, loadKg: 47.5 });
    // 47.5 kg for 5 with 2 left: 47.5 × (1 + 7/30) = 58.6; for 6 with 2: 58.6 / (1 + 8/30) = 46.3, rounded down
    expect(view(squat, person(), of).dose).toMatchObject({ sets: 3, amount: 6, loadKg: 45 });
    const same = owning('back-squat', 'D-MAINT', { ...owned, sets: 2, amount: 6 });
    expect(view(squat, person(), same).dose).toMatchObject({ sets: 3, amount: 6, loadKg: 47.5 });
  });

  describe('who does less than the squad (PROG-16)', () => {
    const calf = line('calf-raise-one-leg', 'D-ASST', { sets: 3, amount: 10, per: 'side', rir: 2 });
    const mornings = (answers: readonly (string | null)[], place: string | null = 'calf'): Partial<Track> => ({
      exposures: answers.map((answer, i) => ({
        sessionId: String(i),
        day: `2026-11-${String(20 - 2 * i)}`,
        dose: calf.dose,
        based: calf.dose,
        eased: [],
        sets: [],
        response: answer === null ? null : { answer: answer as 'fine', place, score: null },
        settledBy: [],
      })),
    });
    const now = (answers: readonly (string | null)[], of: Line = calf, place: string | null = 'calf') =>
      view(of, person(), owning('calf-raise-one-leg', 'D-ASST', calf.dose, mornings(answers, place)));
    const risen = { ...calf, reasons: [{ code: 'squad_step', rules: ['PROG-16'], facts: { rise: true } }] };

    test.each([
      ['fine last time', ['fine', 'fine'], 3],
      ['overly tight there', ['tight'], 2],
      ['one fine since', ['fine', 'tight'], 2],
      ['two fine since', ['fine', 'fine', 'tight'], 3],
      ['silence counts as neither', ['fine', null, 'fine', 'tight'], 3],
      ['no answer, and nothing rose', [null, 'fine'], 3],
    ] as const)('%s', (_name, answers, sets) => {
      expect(now(answers).dose.sets).toBe(sets);
      expect(now(answers).based?.sets).toBe(3);
    });

    it('elsewhere tight is no vote, yet two of four make the whole card light', () => {
      expect(now(['tight'], calf, 'shoulder').dose.sets).toBe(3);
      expect(now(['tight', 'fine', 'tight'], calf, 'shoulder').dose.sets).toBe(2);
      // three answered sessions later it is over
      expect(now(['fine', 'fine', 'tight', 'tight'], calf, 'shoulder').dose.sets).toBe(2);
      expect(now(['fine', 'fine', 'fine', 'tight', 'tight'], calf, 'shoulder').dose.sets).toBe(3);
    });

    it('who has not answered does not rise with the squad', () => {
      expect(now([null, 'fine'], risen)).toMatchObject({ dose: { sets: 2 }, eased: ['PROG-16'] });
      expect(now(['fine', null], risen).dose.sets).toBe(3);
    });
  });

  it('the rung it has come to, with its dose', () => {
    const own = {
      tracks: {
        a1: [
          trackOf('calf-raise-one-leg', 'D-ASST', dose(), { movedTo: 'calf-raise-two-leg' }),
          trackOf('calf-raise-two-leg', 'D-ASST', dose({ sets: 2, amount: 12 })),
        ],
      },
    };
    const found = view(line('calf-raise-one-leg', 'D-ASST', { sets: 3, amount: 8 }), person(), own);
    expect(found).toMatchObject({ exerciseId: 'calf-raise-two-leg', dose: { sets: 2, amount: 12 } });
    expect(codes(found)).toContain('own_rung');
  });

  it('capped by a primer’s slot for the day, and owned as before', () => {
    const capped = line(
      'back-squat',
      'D-MAINT',
      { sets: 1, amount: 3, rir: 2 },
      {
        full: { dose: dose({ sets: 3, amount: 6, rir: 2 }), rules: ['SEL-7'] },
      },
    );
    expect(view(capped, person(), { ...owning('back-squat', 'D-MAINT', owned), own: true })).toMatchObject({
      dose: { sets: 1, amount: 3 },
      based: { sets: 2, amount: 5, loadKg: 47.5 },
      eased: ['SEL-7'],
    });
  });

  it('says that a change was accepted, with the rule that asked for it', () => {
    const accepted = owning('back-squat', 'D-MAINT', owned, {
      owned: { dose: owned, by: 'accepted', rules: ['PROG-4'] },
    });
    expect(view(squat, person(), accepted).reasons).toContainEqual({
      code: 'accepted_change',
      rules: ['PROG-4'],
      facts: {},
    });
  });
});

describe('a complaint', () => {
  it('at 3 puts ladder work one rung under what is owned, once, however many cards come', () => {
    const calf = line('calf-raise-one-leg', 'D-ASST', { sets: 3, amount: 10 });
    const sore = person(hurt('calf', 3));
    const first = view(calf, sore);
    expect(first).toMatchObject({ exerciseId: 'calf-raise-two-leg', based: null, eased: ['SAFE-8'] });
    expect(view(calf, sore)).toEqual(first);
  });

  it('at 3 on the lowest rung halves what is owned, again and again to the same', () => {
    const lowest = line('calf-raise-two-leg', 'D-ASST', { sets: 2, amount: 10 });
    const own = owning('calf-raise-two-leg', 'D-ASST', dose({ sets: 2, amount: 10 }));
    const halved = view(lowest, person(hurt('calf', 3)), own);
    if (halved.exerciseId === 'calf-raise-two-leg')
      expect(halved).toMatchObject({ dose: { sets: 2, amount: 5 }, based: { amount: 10 } });
    expect(view(lowest, person(), own).dose).toMatchObject({ sets: 2, amount: 10 });
  });

  it('gives a substitute its own load and never the old lift’s', () => {
    const squat = line(
      'back-squat',
      'D-MAINT',
      { sets: 3, amount: 5, rir: 2, loadKg: null },
      {
        substitutes: [
          { exerciseId: 'front-squat', row: 'D-MAINT' },
          { exerciseId: 'goblet-squat', row: 'D-MAINT' },
          { exerciseId: 'hip-thrust', row: 'D-MAINT' },
        ],
      },
    );
    const own = owning('back-squat', 'D-MAINT', dose({ sets: 3, amount: 5, rir: 2, loadKg: 100 }));
    const back = view(squat, person(hurt('back', 3)), own);
    expect(back.exerciseId).not.toBe('back-squat');
    if (back.exerciseId !== null) expect(back.dose.loadKg ?? 0).toBeLessThan(60);
    expect(back.reasons[0]?.rules).toContain('SAFE-8');
  });

  test.each([
    ['back-thigh', 3, 'romanian-deadlift', 'D-MAINT'],
    ['knee', 4, 'back-squat', 'D-MAINT'],
    ['front-thigh', 4, 'split-squat', 'D-ASST'],
    ['head', 1, 'plank', 'D-TRK'],
  ] as const)('%s at %i stops %s, with nothing else to do', (place, score, id, row) => {
    expect(view(line(id, row, { amount: 6, rir: 3 }), person(hurt(place, score))).exerciseId).toBeNull();
  });

  it('at the knee leaves a kneeling entry no way in, and gives the hold below it', () => {
    const found = view(line('nordic-partial', 'D-ECC', { amount: 6, rir: 3 }), person(hurt('knee', 4)));
    expect(found.exerciseId).not.toBe('nordic-partial');
    if (found.exerciseId !== null) expect(getExercise(LIBRARY, found.exerciseId).flags).not.toContain('kneeling');
  });

  it('stops the rest of what was begun, and leaves what was written', () => {
    const written = dose({ sets: 3, amount: 5, loadKg: 80, rir: 2 });
    const begun = {
      'main a1': { exerciseId: 'back-squat', row: 'D-MAINT' as const, written, based: written, eased: [] },
    };
    const [found] = views([line('back-squat', 'D-MAINT')], person(hurt('knee', 5)), { begun });
    expect(found).toMatchObject({ begun: true, dose: written, stopped: { code: 'barred_by_complaint' } });
    expect(views([line('back-squat', 'D-MAINT')], person(), { begun })[0]?.stopped).toBeNull();
  });
});

describe('time away', () => {
  const squat = line('back-squat', 'D-MAINT', { sets: 3, amount: 6, rir: 2 });
  const away = (day: string) => ({
    ...person(),
    history: { ...allDone(LIBRARY.exercises.keys(), day) },
  });
  const own = (lastDone: string, sets = 3) =>
    owning('back-squat', 'D-MAINT', dose({ sets, amount: 6, rir: 2, loadKg: 80 }), { lastDone });

  test.each([
    ['2026-11-17', 3, 80],
    ['2026-11-10', 2, 75],
    ['2026-10-30', 2, 72.5],
  ])('last done on %s: %i sets at %f kg, the same on the next card', (day, sets, loadKg) => {
    const found = view(squat, away(day), own(day));
    expect(found.dose.sets).toBeLessThanOrEqual(sets);
    expect(found.dose.loadKg).toBeLessThanOrEqual(loadKg);
    expect(view(squat, away(day), own(day))).toEqual(found);
  });

  it('never gives more than was owned', () => {
    for (const day of ['2026-11-10', '2026-10-30', '2026-10-01', '2026-08-01']) {
      const found = view(squat, away(day), own(day, 1));
      expect(found.dose.sets, day).toBeLessThanOrEqual(1);
      expect(found.dose.loadKg ?? 0, day).toBeLessThanOrEqual(80);
    }
  });
});

describe('first eccentric work (SAFE-10)', () => {
  it('enters at the bottom of its ramp, whatever the squad does', () => {
    const fresh = athlete({ history: { ...DONE, lastDone: {} } });
    const found = view(line('nordic-partial', 'D-ECC', { sets: 4, amount: 8, rir: 2 }), fresh);
    expect(found.dose.sets * found.dose.amount).toBeLessThanOrEqual(10);
  });
});

describe('what the coach typed', () => {
  it('stays as typed over contacts and clock, for the squad and for one athlete', () => {
    const jumps = line(
      'countermovement-jump',
      'D-SLOW',
      { sets: 10, amount: 10 },
      { slot: 'jump-1', typed: true, pinned: true },
    );
    expect(view(jumps, person())).toMatchObject({ typed: true, dose: { sets: 10, amount: 10 } });
    const own: TypedLine = {
      slot: 'jump-1',
      athleteId: 'a1',
      exerciseId: 'countermovement-jump',
      row: 'D-SLOW',
      dose: dose({ sets: 12, amount: 8 }),
    };
    expect(views([{ ...jumps, typed: false }], person(), {}, [own])[0]).toMatchObject({
      typed: true,
      dose: { sets: 12, amount: 8 },
    });
    expect(views([jumps], person(), {}, [{ ...own, exerciseId: null }])[0]?.exerciseId).toBeNull();
  });

  it('a typed % gives the load and a typed RIR another, not the one of before', () => {
    const of = (own: Partial<Dose>) =>
      view(line('deadlift', 'D-MAINT', { sets: 3, ...own }, { typed: true }), person({ e1rmKg: { deadlift: 120 } }), {
        ...owning('deadlift', 'D-MAINT', dose({ sets: 3, amount: 5, rir: 2, loadKg: 90 })),
      }).dose.loadKg;
    expect(of({ amount: 8, percent: 0.6, rir: null })).toBe(70);
    expect(of({ amount: 15, rir: 3 }) ?? 0).toBeLessThan(90);
  });
});

it('a load owned has the share of the e1RM it is, none where it shows the e1RM too low', () => {
  const press = line('strict-press', 'D-ASST', { sets: 2, amount: 8, rir: 2 });
  const shareFor = (squatKg: number) => {
    const own = { ...owning('strict-press', 'D-ASST', dose({ sets: 2, amount: 8, loadKg: 40, rir: 2 })), own: true };
    const { dose: done, based } = view(press, person({ e1rmKg: { 'back-squat': squatKg } }), own);
    expect([done.loadKg, based?.percent]).toEqual([40, done.percent]);
    return done.percent;
  };
  // 40 of 0.38 × 140 kg
  expect(shareFor(140)).toBe(0.752);
  expect(shareFor(100)).toBeNull();
});

describe('near an event every sport gets a whole card that the check lets through (WEEK-2)', () => {
  test.each([...LIBRARY.sports.keys()])('%s, two days before', (sportId) => {
    for (const phase of ['in-season', 'specific'] as const) {
      const squad = ['a1', 'a2'].map((id) => person({ id }));
      const of = brief({ sportId, phase, weekOfBlock: 3, athletes: squad, day: '2026-11-26' });
      const solved = solveCard(of, LIBRARY, METHOD);
      expect(solved.ok, phase).toBe(true);
      if (!solved.ok) continue;
      expect(solved.value.assessment.findings.filter(({ severity }) => severity === 'forbid')).toEqual([]);
      expect(
        solved.value.card.lines.map(({ slot }) => slot),
        phase,
      ).toContain('main');
    }
  });

  it('a day that is after one event and before another is recovery; the event’s own day offers nothing unasked', () => {
    const between = {
      day: '2026-11-25',
      events: [
        { day: '2026-11-24', kind: 'league' as const },
        { day: '2026-11-26', kind: 'league' as const },
      ],
    };
    const template = (own: Partial<Brief>) => {
      const solved = solveCard(brief({ athletes: [person()], ...own }), LIBRARY, METHOD);
      return solved.ok ? solved.value.card.template : solved.issues[0]?.code;
    };
    expect(template(between)).toBe('recovery');
    expect(template({ ...between, day: '2026-11-24' })).toBe('event_day');
    expect(template({ ...between, day: '2026-11-24', primer: true })).toBe('primer');
  });

  it('a friendly bars its eve and nothing before it', () => {
    const limits = (day: string) =>
      makeContext(brief({ day, events: [{ day: '2026-11-28', kind: 'friendly' }] }), LIBRARY, METHOD).limits;
    expect(limits('2026-11-27')).toMatchObject({ quiet: true, primerOnly: true });
    expect(limits('2026-11-26')).toMatchObject({ quiet: false, primerOnly: false });
  });
});

describe('the young (SAFE-3) and the new (SAFE-4)', () => {
  it('under 16 no load stands above 0.80, whatever was owned', () => {
    const young = person({ ageYears: 15, e1rmKg: { 'back-squat': 100 } });
    const own = owning('back-squat', 'D-MAINT', dose({ sets: 3, amount: 3, rir: 1, loadKg: 95 }));
    expect(
      view(line('back-squat', 'D-MAINT', { sets: 3, amount: 3, rir: 1 }), young, own).dose.loadKg,
    ).toBeLessThanOrEqual(80);
    const typed = line('back-squat', 'D-MAINT', { sets: 5, amount: 1, percent: 0.97, rir: null }, { typed: true });
    const found = view(typed, young);
    if (found.exerciseId !== null) expect(found.dose.loadKg ?? 0).toBeLessThanOrEqual(80);
  });
});

describe('a main lift as the season writes it (BLOCK-5)', () => {
  const main = { lead: 'knee' as const, row: 'D-MAINT' as const, sets: 3, reps: 5, rir: 3 };
  const squat = line('back-squat', 'D-MAINT', { sets: 3, amount: 5, rir: 3 });
  const owned = dose({ sets: 3, amount: 8, loadKg: 75, rir: 4 });

  it('has the plan’s sets and reps, and the load that what is owned tells of', () => {
    // 75 kg for 8 with 4 in reserve: 75 × (1 + 12/30) = 105; for 5 with 3: 105 / (1 + 8/30) = 82.9, rounded down
    expect(view(squat, person(), { ...owning('back-squat', 'D-MAINT', owned), planned: [main] }).dose).toMatchObject({
      sets: 3,
      amount: 5,
      rir: 3,
      loadKg: 82.5,
    });
  });

  it('leaves other rows, other slots and what the coach typed alone', () => {
    const of = { ...owning('back-squat', 'D-MAINT', owned), own: true, planned: [{ ...main, row: 'D-MAX' as const }] };
    expect(view(squat, person(), of).dose.amount).toBe(8);
    const beside = { ...squat, slot: 'second' };
    expect(view(beside, person(), { ...of, planned: [main] }).dose.amount).toBe(8);
    expect(
      view({ ...squat, typed: true, dose: dose({ sets: 2, amount: 4 }) }, person(), { ...of, planned: [main] }).dose,
    ).toMatchObject({ sets: 2, amount: 4 });
  });

  it('does not wear a load off by rounding down, block after block', () => {
    const weeks = [
      [8, 4],
      [6, 3],
      [5, 3],
    ] as const;
    let track = trackOf('back-squat', 'D-MAINT', owned);
    const loads: (number | null)[] = [];
    for (let week = 0; week < 12; week++) {
      const [reps, rir] = weeks[week % 3]!;
      const of = line('back-squat', 'D-MAINT', { sets: 3, amount: reps, rir });
      const done = view(of, person(), { tracks: { a1: [track] }, planned: [{ ...main, reps, rir }] }).dose;
      loads.push(done.loadKg);
      const sets = [1, 2, 3].map((setNumber) => ({ setNumber, amount: reps, loadKg: done.loadKg, rir, fault: null }));
      const exposure = {
        sessionId: String(week),
        day: '2026-11-01',
        dose: done,
        based: done,
        eased: [],
        sets,
        response: null,
        settledBy: [],
      };
      track = {
        ...track,
        owned: { dose: done, by: 'done', rules: [] },
        exposures: [exposure, ...track.exposures].slice(0, 6),
      };
    }
    expect(loads.slice(9)).toEqual(loads.slice(0, 3));
  });

  it('a week of a peak keeps its part of the sets of lifts, and leaves jumps to their contacts (PHASE-2)', () => {
    const whole = { ...squat, dose: dose({ sets: 5, amount: 3, rir: 2 }) };
    const seen = view(whole, person(), { peakSets: 0.4 });
    expect(seen).toMatchObject({ dose: { sets: 2 }, eased: ['PHASE-2'], based: { sets: 5 } });
    expect(view({ ...whole, dose: dose({ sets: 1, amount: 3, rir: 2 }) }, person(), { peakSets: 0.4 }).dose.sets).toBe(
      1,
    );
    expect(
      easeForWeek(dose({ sets: 3, amount: 5 }), 'D-SLOW', { lighterWeek: false, peakSets: 0.4, method: METHOD }).rule,
    ).toBeNull();
  });

  it('a lighter week takes its sets off once', () => {
    const eased = {
      ...squat,
      dose: dose({ sets: 2, amount: 5, rir: 3 }),
      full: { dose: squat.dose, rules: ['BLOCK-1'] },
    };
    expect(view(eased, person(), { planned: [main], lighterWeek: true }).dose.sets).toBe(2);
    expect(view(eased, person(), { lighterWeek: true }).dose.sets).toBe(2);
    // who owns two of three does one
    const two = dose({ sets: 2, amount: 5, loadKg: 60, rir: 3 });
    expect(
      view(eased, person(), { ...owning('back-squat', 'D-MAINT', two), own: true, lighterWeek: true }).dose.sets,
    ).toBe(1);
  });
});

describe('a day of one’s own beside the squad’s (WEEK-2, WEEK-3, WEEK-4)', () => {
  const ON = '2026-11-24';
  const calendar = {
    elsewhere: [],
    had: [],
    lighter: [],
    contactsToday: 0,
    heavyBefore: false,
    sharedWeek: null,
    stepped: {},
  };
  const own = (of: Partial<OwnCalendar>, more: Partial<Brief> = {}) => ({
    calendars: { a1: { ...calendar, ...of } },
    ...more,
  });
  const playsOn = (day: string) => ({ elsewhere: [{ day, kind: 'league' as const }] });
  const squat = line('back-squat', 'D-MAINT', { sets: 3, amount: 6, rir: 2 });
  const press = line('push-press', 'D-MAINT', { sets: 3, amount: 6, rir: 2 });
  const plank = line('side-plank', 'D-TRK', { sets: 2, amount: 20, unit: 'seconds', per: 'side' });
  const hops = line('pogo', 'D-FAST', { sets: 3, amount: 15 });

  it('changes nothing for who has none, nor by what lies far off', () => {
    const usual = views([squat, plank, hops], person());
    expect(views([squat, plank, hops], person(), { calendars: { other: { ...calendar, ...playsOn(ON) } } })).toEqual(
      usual,
    );
    expect(views([squat, plank, hops], person(), own(playsOn('2027-02-01')))).toEqual(usual);
  });

  it('two days before an event with others legs are eased, the day before to a primer', () => {
    const eased = view(squat, person(), own(playsOn('2026-11-26')));
    expect(eased.dose.sets).toBe(2);
    expect(codes(eased)).toContain('eased_for_day');
    const primer = view(squat, person(), own(playsOn('2026-11-25')));
    expect(primer.dose).toMatchObject({ sets: 2, amount: 3 });
    expect(codes(primer)).toContain('own_primer');
    expect(
      view(line('bench-press', 'D-MAINT', { sets: 3, amount: 6, rir: 2 }), person(), own(playsOn('2026-11-25'))).dose
        .amount,
    ).toBe(6);
  });

  it('on an event with others nothing of the card is done, typed or not by the squad', () => {
    const on = views([squat, press, plank, hops], person(), own(playsOn(ON)));
    expect(on.every(({ exerciseId }) => exerciseId === null)).toBe(true);
    expect(on.flatMap(codes)).toContain('own_event');
    // that they play is why, whatever else stands against it
    const gated = view(
      squat,
      athlete({ history: NO_HISTORY, liftLevel: 'foundation', ...hurt('knee', 6) }),
      own(playsOn(ON)),
    );
    expect(codes(gated)[0]).toBe('own_event');
    // on the squad's own event its card says what is done
    const events = [{ day: ON, kind: 'league' as const }];
    expect(codes(view(plank, person(), own(playsOn(ON), { events })))).not.toContain('own_event');
  });

  it('the day after one it is what a recovery card holds', () => {
    const after = views([squat, press, plank, hops], person(), own(playsOn('2026-11-23')));
    expect(after.map(({ exerciseId }) => exerciseId)).toEqual([null, null, 'side-plank', null]);
    expect(codes(after[0]!)).toContain('own_recovery');
    // where the squad rests too its card says what is done
    const events = [{ day: '2026-11-23', kind: 'league' as const }];
    expect(codes(view(plank, person(), own(playsOn('2026-11-23'), { events })))).not.toContain('own_recovery');
  });

  it('who was left out of the squad’s match trains on', () => {
    const events = [{ day: '2026-11-26', kind: 'league' as const }];
    const had = [{ day: '2026-11-26', selected: false, minutes: null }];
    expect(view(squat, person(), { events }).dose.sets).toBe(2);
    expect(view(squat, person(), own({ had }, { events })).dose.sets).toBe(3);
  });

  it('an exam week is a lighter one, heavy legs with another squad make a quiet day', () => {
    expect(view(squat, person(), own({ lighter: [{ from: ON, to: ON }] })).dose.sets).toBe(2);
    const after = view(squat, person(), own({ heavyBefore: true }));
    expect(after.dose.sets).toBe(2);
    expect(after.reasons.find(({ code }) => code === 'eased_for_day')?.facts.daysBefore).toBe('heavy');
  });

  it('contacts of another squad’s session today come off the budget', () => {
    const { limit } = athleteBudget(person(), makeContext(brief({ events: [] }), LIBRARY, METHOD));
    const sets = (contactsToday: number) => view(hops, person(), own({ contactsToday })).dose.sets;
    // 15 landings a set, and at most three raw ones for each contact that is left
    expect([0, limit - 16, limit - 10, limit - 6].map(sets)).toEqual([3, 3, 2, 1]);
    expect(view(hops, person(), own({ contactsToday: limit })).exerciseId).toBeNull();
  });

  it('a week shared with another squad leaves what the lower row holds: sets come off the last lines first', () => {
    const lunge = line('split-squat', 'D-MAINT', { sets: 3, amount: 6, rir: 2 });
    const [, most] = METHOD.phases['in-season'].weeklySets!.knee;
    const done = (knee: number) =>
      views([squat, lunge, plank], person(), own({ sharedWeek: { knee, hip: 0, phases: ['in-season'] } })).map(
        ({ exerciseId, dose: { sets } }) => (exerciseId === null ? 0 : sets),
      );
    expect(done(0)).toEqual([3, 3, 2]);
    expect([6, 5, 4, 2, 1, 0].map((left) => done(most - left))).toEqual([
      [3, 3, 2],
      [3, 2, 2],
      [3, 1, 2],
      [1, 1, 2],
      [1, 0, 2],
      [0, 0, 2],
    ]);
    // the squad whose row is lower sets it, and a lighter week has less
    const general = METHOD.phases.general.weeklySets!.knee[1];
    expect(general).toBeGreaterThan(most);
    const phases = ['general', 'in-season'] as const;
    const both = views([squat, lunge], person(), own({ sharedWeek: { knee: most - 4, hip: 0, phases } }));
    expect(both.map(({ dose: { sets } }) => sets)).toEqual([3, 1]);
    expect(codes(both[1]!)).toContain('shared_week');
    expect(codes(views([squat, lunge], person(), own({ sharedWeek: { knee: most, hip: 0, phases } }))[0]!)).toEqual([
      'shared_week',
    ]);
  });

  it('a line rises once a week over both squads', () => {
    const at = (sets: number, amount: number, id = 'back-squat D-MAINT') =>
      view(squat, person(), own({ stepped: { [id]: { sets, amount } } }));
    expect(at(3, 5).dose).toMatchObject({ sets: 3, amount: 5 });
    expect(codes(at(3, 5))).toContain('stepped_elsewhere');
    expect(at(2, 8).dose).toMatchObject({ sets: 2, amount: 6 });
    expect(codes(at(3, 6))).not.toContain('stepped_elsewhere');
    expect(at(3, 5, 'back-squat D-MAX').dose.amount).toBe(6);
  });

  it('an own card is made for the athlete’s own day', () => {
    const of = own(playsOn('2026-11-25'), { own: true });
    expect(makeContext(brief({ events: [], athletes: [person()], ...of }), LIBRARY, METHOD).limits.primerOnly).toBe(
      true,
    );
  });
});
