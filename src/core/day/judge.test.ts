import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { allDone, athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import type { AthleteFacts } from '../athlete';
import { makeContext, type Brief } from '../choose';
import { rowForLevel, type Dose } from '../dose';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { athleteBudget, dayBudget, isNew, judgeDay, judgeOption, rowCaseOf } from '.';
import { landingCost, trimContacts } from './trim-contacts';
import type { WorkingLine } from './working-line';

const DONE = allDone(LIBRARY.exercises.keys());
const person = (own: Partial<AthleteFacts> = {}): AthleteFacts => athlete({ history: DONE, ...own });
const contextOf = (own: Partial<Brief> = {}) => makeContext(brief({ events: [], ...own }), LIBRARY, METHOD);
const before = (days: number, own: Partial<Brief> = {}) =>
  contextOf({ day: '2026-11-24', events: [{ day: `2026-11-${String(24 + days)}`, kind: 'league' }], ...own });
const option = (
  id: string,
  row: DoseRowId,
  own: Partial<AthleteFacts> = {},
  of: Partial<Dose> = {},
  context = contextOf(),
) => judgeOption({ exercise: getExercise(LIBRARY, id), row, dose: dose(of) }, person(own), context, false);
const day = (id: string, row: DoseRowId, of: Partial<Dose>, own: Partial<AthleteFacts> = {}, context = before(2)) =>
  judgeDay(getExercise(LIBRARY, id), row, dose(of), person(own), context)?.code ?? null;

describe('what an athlete may do', () => {
  test.each([
    ['all is known', 'back-squat', 'D-MAINT', {}, null],
    [
      'a complaint',
      'back-squat',
      'D-MAINT',
      { complaints: [{ place: 'knee', side: null, score: 4, column: 'stop' }] },
      'barred_by_complaint',
    ],
    ['a row above the level', 'back-squat', 'D-MAX', { liftLevel: 'foundation' }, 'row_needs_level'],
    ['a screen never done', 'deadlift', 'D-MAINT', { tests: {} }, 'gate_not_met'],
    ['a screen failed', 'deadlift', 'D-MAINT', { tests: { R1: 'failed' } }, 'gate_not_met'],
  ] as [string, string, DoseRowId, Partial<AthleteFacts>, string | null][])('%s', (_name, id, row, own, code) => {
    expect(option(id, row, own)?.code ?? null).toBe(code);
  });

  it('needs its kit and its room', () => {
    const place = { ...brief().place, equipment: [] };
    expect(option('back-squat', 'D-MAINT', {}, {}, contextOf({ place }))?.code).toBe('kit_missing');
    const laneOnly = [...LIBRARY.exercises.values()].find(
      ({ space, equipment }) => space === 'lane' && equipment.allOf.length === 0,
    )!;
    const narrow = contextOf({ place: { ...brief().place, lane: false } });
    expect(option(laneOnly.id, 'D-PREP', {}, {}, narrow)?.code).toBe('kit_missing');
  });

  const cmj = getExercise(LIBRARY, 'countermovement-jump');
  const high = {
    ...cmj,
    ladder: null,
    gates: [],
    plyo: cmj.plyo && { ...cmj.plyo, tier: 'high' as const, tierAbove: [] },
  };
  test.each([
    ['trained', {}, null],
    ['at foundation', { jumpLevel: 'foundation' }, 'tier_too_high'],
    ['growing fast', { growthCmPerMonth: 0.7 }, 'tier_too_high'],
    ['just not', { growthCmPerMonth: 0.6 }, null],
    ['of unknown ground', { caution: 'gentle' }, 'tier_too_high'],
    ['with force alone unknown', { caution: 'sets' }, null],
    [
      'after an injury whose screens are open',
      { pastInjuries: [{ place: 'knee', guards: [] }], tests: {} },
      'injury_screen_open',
    ],
  ] as [string, Partial<AthleteFacts>, string | null][])('a high jump %s', (_name, own, code) => {
    expect(
      judgeOption({ exercise: high, row: 'D-SLOW', dose: dose({ amount: 3 }) }, person(own), contextOf(), false)
        ?.code ?? null,
    ).toBe(code);
  });

  it('dense box jumps are not for foundation, self-paced ones are (SAFE-4)', () => {
    const box = [...LIBRARY.exercises.values()].find(
      ({ plyo, equipment, gates }) =>
        plyo?.dropM === null && equipment.allOf.includes('box') && plyo.tier !== 'high' && gates.length === 0,
    )!;
    const dense = contextOf({ schools: { ...brief().schools, jumpRest: 'dense' } });
    const code = (own: Partial<AthleteFacts>, of: Partial<Dose> = {}, context = contextOf()) =>
      option(box.id, 'D-SLOW', own, of, context)?.code;
    expect(code({ jumpLevel: 'foundation' }, {}, dense)).toBe('dense_box_jump');
    expect(code({ jumpLevel: 'foundation' }, { unit: 'seconds', amount: 10 })).toBe('dense_box_jump');
    expect(code({ jumpLevel: 'foundation' })).not.toBe('dense_box_jump');
    expect(code({}, {}, dense)).not.toBe('dense_box_jump');
  });
});

describe('what the day bars (WEEK-2)', () => {
  const heavy = { sets: 3, amount: 5, rir: 2 };
  test.each([
    ['heavy two days before', 'back-squat', 'D-MAINT', heavy, before(2), 'day_bars_heavy'],
    ['heavy three days before', 'back-squat', 'D-MAINT', heavy, before(3), null],
    ['two sets are not heavy', 'back-squat', 'D-MAINT', { ...heavy, sets: 2 }, before(2), null],
    ['nor with three left', 'back-squat', 'D-MAINT', { ...heavy, rir: 3 }, before(2), null],
    ['structure of three sets', 'back-squat', 'D-STR', { sets: 3, amount: 10, rir: 4 }, before(1), 'day_bars_heavy'],
    ['upper body is never barred', 'push-up', 'D-ASST', { sets: 4, amount: 10, rir: 1 }, before(1), null],
    ['a medium jump', 'countermovement-jump', 'D-SLOW', { sets: 3, amount: 4 }, before(1), null],
  ] as [string, string, DoseRowId, Partial<Dose>, ReturnType<typeof contextOf>, string | null][])(
    '%s',
    (_name, id, row, of, context, code) => {
      expect(day(id, row, of, {}, context)).toBe(code);
    },
  );

  it('a leg entry new to the athlete counts as heavy, unless it was named as recent or no day is clear', () => {
    const easy = { sets: 1, amount: 5, rir: 4 };
    const fresh = { history: { ...DONE, lastDone: {} } };
    expect(day('back-squat', 'D-MAINT', easy, fresh)).toBe('day_bars_new');
    expect(day('back-squat', 'D-MAINT', easy, { history: { ...fresh.history, recent: ['back-squat'] } })).toBeNull();
    expect(day('back-squat', 'D-MAINT', easy, fresh, before(2, { noClearDay: true }))).toBeNull();
    expect(day('back-squat', 'D-MAINT', { ...easy, sets: 2 }, fresh, before(2, { noClearDay: true }))).toBe(
      'day_bars_new',
    );
    expect(day('back-squat', 'D-MAINT', { ...easy, rir: 3 }, fresh, before(2, { noClearDay: true }))).toBe(
      'day_bars_new',
    );
    expect(day('back-squat', 'D-MAINT', easy, fresh, before(1, { noClearDay: true }))).toBe('day_bars_new');
  });

  it('is new after 42 days and not before', () => {
    const squat = getExercise(LIBRARY, 'back-squat');
    const at = (last: string) =>
      isNew(squat, person({ history: { ...DONE, lastDone: { 'back-squat': last } } }), contextOf());
    expect(at('2026-10-13')).toBe(false);
    expect(at('2026-10-12')).toBe(true);
    expect(isNew(getExercise(LIBRARY, 'push-up'), person({ history: { ...DONE, lastDone: {} } }), contextOf())).toBe(
      false,
    );
  });

  it('keeps the first two times of eccentric work four days from an event (SAFE-10)', () => {
    const of = { sets: 2, amount: 5, rir: 3 };
    const done = (times: number) => ({
      tracks: { a1: [trackOf('nordic-partial', 'D-ECC', dose(of), { done: times })] },
    });
    expect(day('nordic-partial', 'D-ECC', of, {}, before(3))).toBe('eccentric_too_near');
    expect(day('nordic-partial', 'D-ECC', of, {}, before(4))).toBeNull();
    expect(day('nordic-partial', 'D-ECC', of, {}, before(3, done(1)))).toBe('eccentric_too_near');
    expect(day('nordic-partial', 'D-ECC', of, {}, before(3, done(2)))).toBeNull();
    expect(day('nordic-partial', 'D-ECC', of, {}, before(2, done(2)))).toBe('day_bars_heavy');
  });
});

describe('the row of an athlete (PHASE-3)', () => {
  const row = (wanted: DoseRowId, own: Partial<AthleteFacts>, phase: Brief['phase'] = 'specific') =>
    rowForLevel(wanted, rowCaseOf(person(own), METHOD), phase, METHOD);
  test.each([
    ['D-MAX', {}, 'D-MAX'],
    ['D-MAX', { liftLevel: 'foundation' }, 'D-STR'],
    ['D-MAX', { caution: 'gentle' }, METHOD.phases.specific.gentleRow],
    ['D-MAX', { caution: 'sets' }, 'D-MAX'],
    ['D-PEAK', { ageYears: 15 }, METHOD.phases.specific.gentleRow],
    ['D-PEAK', { ageYears: 16 }, 'D-PEAK'],
    ['D-ASST', { liftLevel: 'foundation' }, 'D-ASST'],
  ] as [DoseRowId, Partial<AthleteFacts>, DoseRowId][])('%s for %j is %s', (wanted, own, expected) => {
    expect(row(wanted, own)).toBe(expected);
  });
});

describe('contacts (JUMP-8)', () => {
  const jump = (id: string, of: Partial<Dose>, own: Partial<WorkingLine> = {}): WorkingLine => ({
    exercise: getExercise(LIBRARY, id),
    row: 'D-SLOW',
    dose: dose(of),
    based: dose(of),
    eased: [],
    reasons: [],
    typed: false,
    ...own,
  });
  const many = [
    jump('countermovement-jump', { sets: 10, amount: 6 }),
    jump('broad-jump-run-back', { sets: 8, amount: 3 }),
  ];
  const raw = (lines: readonly (WorkingLine | null)[]) => lines.map((line) => line?.dose.sets ?? 0);

  it('takes sets off the last line first, and leaves one set of each while it can', () => {
    const context = contextOf();
    const one = person({ jumpLevel: 'foundation' });
    const trimmed = trimContacts(many, one, context);
    const weighted = trimmed.reduce((sum, line) => sum + (line ? landingCost(line, one, context).weighted : 0), 0);
    expect(weighted).toBeLessThanOrEqual(athleteBudget(one, context).limit);
    expect(raw(trimmed)[1]).toBe(1);
    expect(trimmed[1]?.eased).toContain('JUMP-8');
    expect(trimmed[1]?.based).toEqual(many[1]?.based);
    expect(
      trimContacts(
        many.map((line) => ({ ...line, dose: { ...line.dose, sets: 1 } })),
        one,
        context,
      ),
    ).toMatchObject([{ eased: [] }, { eased: [] }]);
  });

  it('never takes from what was typed', () => {
    const typed = many.map((line) => ({ ...line, typed: true }));
    expect(trimContacts(typed, person({ jumpLevel: 'foundation' }), contextOf())).toEqual(typed);
  });

  it('a primer holds twenty raw contacts for every athlete', () => {
    const trimmed = trimContacts([jump('pogo', { sets: 4, amount: 10 })], person(), before(1));
    expect(raw(trimmed)).toEqual([2]);
  });

  it('cost more in high tier above 100 kg, and budgets shrink by surface, growth and caution', () => {
    const high = jump('repeated-tuck-jump', { sets: 3, amount: 5 });
    const cost = (bodyMassKg: number) => landingCost(high, person({ bodyMassKg }), contextOf()).weighted;
    expect(cost(101)).toBeCloseTo(cost(100) / 0.75, 6);
    const budget = (own: Partial<AthleteFacts>, more: Partial<Brief> = {}) =>
      athleteBudget(person(own), contextOf(more)).limit;
    const plain = budget({});
    expect(budget({ growthCmPerMonth: 0.7 })).toBe(Math.floor(plain * 0.7 + 0.5));
    expect(budget({ caution: 'gentle' })).toBe(dayBudget('foundation', false, contextOf()).limit);
    expect(budget({ caution: 'sets' })).toBe(plain);
    expect(budget({}, { place: { ...brief().place, hardSurface: true } })).toBe(Math.floor(plain * 0.8 + 0.5));
    expect(budget({}, { schools: { ...brief().schools, contacts: 'cautious' } })).toBeLessThan(plain);
  });
});
