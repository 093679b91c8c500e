import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose } from '../../../tests/fixtures';
import { makeContext } from '../choose';
import { athleteBudget, dayView, legsReturn } from '../day';
import { tierOf } from '../jumps';
import { getExercise } from '../library';
import { RETURN_STAGES, RETURN_WORK, type DoseRowId, type ReturnStageId } from '../method';
import type { Line } from '../session';
import type { Outcome, TestState } from '../testing';
import {
  activeComplaint,
  barsWork,
  finesLeft,
  foldComplaints,
  leaveChecks,
  openingStage,
  returnWork,
  stepReturn,
  type ComplaintFact,
  type Returning,
  type ReturnAnswer,
} from '.';

const at = (stage: ReturnStageId, fines = 0): Returning => ({ stage, fines, since: '2026-11-02' });
const knee = (returning: Returning, score = 6) => ({
  place: 'knee',
  side: null,
  score,
  column: score === 3 ? ('three' as const) : ('stop' as const),
  maxTier: null,
  maxIntensity: null,
  returning,
});

describe('a stage opens with two fine answers and the clinician’s note', () => {
  test.each<[string, Returning, ReturnAnswer | null, ReturnStageId, ReturnStageId, number]>([
    ['one fine answer is one', at('isometric'), 'fine', 'full', 'isometric', 1],
    ['two open the next', at('isometric', 1), 'fine', 'full', 'slow-two-leg', 0],
    ['never beyond the note', at('isometric', 1), 'fine', 'isometric', 'isometric', 2],
    ['a further note opens at once what was earned', at('isometric', 2), null, 'slow-two-leg', 'slow-two-leg', 0],
    ['a further note alone opens nothing', at('isometric', 1), null, 'full', 'isometric', 1],
    ['usual tightness leaves it', at('isometric', 1), 'usual', 'full', 'isometric', 1],
    ['too tight counts from nought', at('slow-one-leg', 1), 'tight', 'full', 'slow-one-leg', 0],
    ['a little pain counts from nought', at('slow-one-leg', 1), { pain: 2 }, 'full', 'slow-one-leg', 0],
    ['pain of 3 goes one back', at('slow-one-leg', 1), { pain: 3 }, 'full', 'slow-two-leg', 0],
    ['the first has none before it', at('isometric', 1), { pain: 3 }, 'full', 'isometric', 0],
    ['a note for less holds at it', at('low-contacts', 1), null, 'slow-two-leg', 'slow-two-leg', 0],
    ['the last is the last', at('full', 1), 'fine', 'full', 'full', 2],
  ])('%s', (_, from, answer, upTo, stage, fines) => {
    expect(stepReturn(from, answer, upTo)).toMatchObject({ stage, fines });
  });

  it('one stage at most an answer, and none past the note, whatever is answered', () => {
    const answers = fc.constantFrom<ReturnAnswer>('fine', 'usual', 'tight', { pain: 1 }, { pain: 4 });
    fc.assert(
      fc.property(fc.array(answers), fc.constantFrom(...RETURN_STAGES), (said, upTo) => {
        let now = at('isometric');
        for (const one of said) {
          const next = stepReturn(now, one, upTo);
          const moved = RETURN_STAGES.indexOf(next.stage) - RETURN_STAGES.indexOf(now.stage);
          expect(Math.abs(moved)).toBeLessThanOrEqual(1);
          if (moved > 0) expect(finesLeft(now)).toBe(1);
          expect(RETURN_STAGES.indexOf(next.stage)).toBeLessThanOrEqual(RETURN_STAGES.indexOf(upTo));
          now = next;
        }
      }),
    );
  });
});

describe('what a stage opens', () => {
  test.each<[string, DoseRowId, ReturnStageId]>([
    ['wall-sit-hold', 'D-ISO', 'isometric'],
    ['back-squat', 'D-STR', 'slow-two-leg'],
    ['split-squat', 'D-STR', 'slow-one-leg'],
    ['nordic-full', 'D-ECC', 'low-contacts'],
    ['pogo', 'D-FAST', 'low-contacts'],
    ['box-jump', 'D-SLOW', 'medium-contacts'],
    ['planned-cut', 'D-SKILL', 'planned-speed'],
    ['reactive-cut', 'D-SKILL', 'full'],
  ])('%s in %s at %s', (id, row, stage) => {
    const exercise = getExercise(LIBRARY, id);
    const work = returnWork(exercise, row, tierOf(exercise, dose({ amount: 5 })));
    expect(openingStage(work, METHOD.returning)).toBe(stage);
  });

  it('every kind of work by one stage, and all of the library by the last', () => {
    for (const work of RETURN_WORK)
      expect(RETURN_STAGES.filter((id) => METHOD.returning.stages[id].opens.some((one) => one === work))).toHaveLength(
        1,
      );
    for (const exercise of LIBRARY.exercises.values()) {
      const tier = tierOf(exercise, dose({ amount: 5 }));
      expect(barsWork(knee(at('full')), exercise, 'D-ASST', tier, METHOD), exercise.id).toBeNull();
    }
  });

  it('never more than the complaint itself bars, and a stage never closes what the one before had open', () => {
    for (const exercise of LIBRARY.exercises.values()) {
      const tier = tierOf(exercise, dose({ amount: 5 }));
      const open = RETURN_STAGES.map((stage) => !barsWork(knee(at(stage)), exercise, 'D-ASST', tier, METHOD));
      expect(open, exercise.id).toEqual([...open].sort((a, b) => Number(a) - Number(b)));
      const plain = { ...knee(at('isometric')), returning: null };
      if (!barsWork(plain, exercise, 'D-ASST', tier, METHOD)) expect(open.every(Boolean), exercise.id).toBe(true);
    }
  });

  it('but not jumps the note leaves out', () => {
    const box = getExercise(LIBRARY, 'box-jump');
    expect(barsWork({ ...knee(at('full')), maxTier: 'none' }, box, 'D-SLOW', 'medium', METHOD)).toBe('barred');
  });
});

describe('a dose on the way back', () => {
  const squat: Line = {
    slot: 'main',
    block: 'main',
    group: null,
    exerciseId: 'back-squat',
    row: 'D-STR',
    dose: dose({ sets: 4, amount: 8, rir: 3 }),
    full: null,
    reasons: [],
    pinned: false,
    typed: false,
    substitutes: [],
    note: null,
    only: null,
  };
  const doing = (returning: Returning) => {
    const one = athlete({ complaints: [knee(returning)] });
    return dayView(
      { lines: [squat], typed: [] },
      one,
      makeContext(brief({ events: [], athletes: [one] }), LIBRARY, METHOD),
    )[0]!;
  };
  const [fewest] = METHOD.doses['D-STR'].sets;

  it('waits for its stage, begins at the least of its row, and rises with every fine answer up to the card’s', () => {
    expect(doing(at('isometric'))).toMatchObject({ exerciseId: null, reasons: [{ code: 'not_yet_in_return' }] });
    const first = doing(at('slow-two-leg'));
    expect(first.dose.sets).toBe(fewest);
    expect(first.reasons.map(({ code }) => code)).toContain('eased_for_return');
    expect(doing(at('slow-two-leg', 1)).dose.sets).toBe(fewest + 1);
    expect(doing(at('planned-speed')).dose).toMatchObject({ sets: 4, amount: 8 });
    expect(doing(at('full')).dose).toMatchObject({ sets: 4, amount: 8 });
  });

  it('has a return phase’s part of the contacts until its last stage, where jumps are what was stopped', () => {
    const limit = (of: Partial<Parameters<typeof athlete>[0]>) =>
      athleteBudget(athlete(of), makeContext(brief({ events: [], phase: 'specific' }), LIBRARY, METHOD)).limit;
    const usual = limit({});
    expect(limit({ complaints: [knee(at('low-contacts'))] })).toBe(Math.round(usual * METHOD.phases.return.jumpFactor));
    expect(limit({ complaints: [knee(at('full'))] })).toBe(usual);
    expect(limit({ complaints: [{ ...knee(at('low-contacts')), place: 'shoulder' }] })).toBe(usual);
    const under = (place: string, stage: ReturnStageId): boolean =>
      legsReturn({ complaints: [{ ...knee(at(stage)), place }] }, { method: METHOD });
    expect(['knee', 'foot', 'groin', 'back', 'shoulder'].map((place) => under(place, 'isometric'))).toEqual([
      ...[true, true, true, true],
      false,
    ]);
    expect(under('knee', 'full')).toBe(false);
  });
});

describe('the way back from what was said', () => {
  let seq = 0;
  const base = (day: string) => ({ id: `f${String(++seq)}`, seq, day });
  const hurts = (day: string, score: number): ComplaintFact => ({
    ...base(day),
    kind: 'answer',
    answer: 'pain',
    place: 'knee',
    side: null,
    score,
    signs: [],
  });
  const fine = (day: string): ComplaintFact => ({
    ...base(day),
    kind: 'answer',
    answer: 'fine',
    place: null,
    side: null,
    score: null,
    signs: [],
  });
  const open = hurts('2026-11-02', 6);
  const note = (day: string, upTo: ReturnStageId | null, expires = '2026-12-31'): ComplaintFact => ({
    ...base(day),
    kind: 'clearance',
    complaint: open.id,
    given: {
      role: 'physio',
      from: day,
      expires,
      lifts: null,
      upTo,
      scope: { maxTier: null, maxIntensity: null, note: '' },
    },
  });
  const DAYS = ['2026-11-10', '2026-11-12', '2026-11-14', '2026-11-16', '2026-11-18'];
  const after = (facts: ComplaintFact[], trained = DAYS) => foldComplaints([open, ...facts], trained)[0]!;

  it('counts a fine answer once for each time of training, while a note holds', () => {
    const fines = ['2026-11-11', '2026-11-13'].map(fine);
    expect(after([note('2026-11-09', 'full'), ...fines]).returning).toMatchObject({ stage: 'slow-two-leg', fines: 0 });
    expect(after([note('2026-11-09', 'full'), fine('2026-11-10'), ...fines.slice(0, 1)]).returning?.fines).toBe(1);
    expect(after([note('2026-11-09', 'full', '2026-11-12'), ...fines]).returning?.fines).toBe(1);
    expect(after([note('2026-11-09', null), ...fines]).returning).toBeNull();
    expect(after(fines).returning).toBeNull();
  });

  it('stops again with pain above what the note was given for, and goes on from there with the next note', () => {
    const facts = [note('2026-11-09', 'full'), fine('2026-11-11'), fine('2026-11-13'), hurts('2026-11-15', 7)];
    const stopped = after(facts);
    expect(stopped.returning).toMatchObject({ stage: 'isometric', fines: 0 });
    expect(activeComplaint(stopped, '2026-11-16')).toMatchObject({ column: 'stop' });
    expect(activeComplaint(stopped, '2026-11-16')).not.toHaveProperty('returning');
    expect(activeComplaint(after([...facts, note('2026-11-16', 'full')]), '2026-11-16')).toHaveProperty('returning');
  });

  it('ends with the coach’s word', () => {
    const over: ComplaintFact = { ...base('2026-11-20'), kind: 'returned', complaint: open.id };
    expect(after([note('2026-11-09', 'full'), over])).toMatchObject({ score: 0, returning: null });
  });
});

describe('leaving', () => {
  const side = (value: number) => ({ value, spread: null, day: '2026-11-20', passed: null, joints: null });
  const hop = (left: number, right: number, stale = false): ReadonlyMap<string, Outcome> =>
    new Map([['hop', { state: 'unknown', stale, day: '2026-11-20', sides: { left: side(left), right: side(right) } }]]);
  const passed = { K1: 'passed', K2: 'passed', K3: 'passed' } as const;
  const open = (
    returning: Returning,
    tests: Readonly<Record<string, TestState>>,
    outcomes: ReadonlyMap<string, Outcome>,
  ) =>
    leaveChecks(returning, 'knee', tests, outcomes, METHOD)
      .filter(({ met }) => met !== true)
      .map(({ of: what, test }) => test ?? what);

  it('asks for the last stage, calm answers, sides alike and the skill screens; what is not tested is not met', () => {
    expect(open(at('full', 2), passed, hop(1.8, 1.7))).toEqual([]);
    expect(open(at('full', 1), passed, hop(1.8, 1.7))).toEqual(['calm']);
    expect(open(at('planned-speed', 2), passed, hop(1.8, 1.7))).toEqual(['note', 'calm']);
    expect(open(at('full', 2), passed, hop(2, 1.79))).toEqual(['hop']);
    expect(open(at('full', 2), passed, hop(2, 1.8))).toEqual([]);
    expect(open(at('full', 2), passed, hop(2, 2, true))).toEqual(['hop']);
    expect(open(at('full', 2), { ...passed, K3: 'failed' }, new Map())).toEqual(['hop', 'K3']);
    expect(open(at('full', 2), {}, hop(2, 2))).toEqual(['K1', 'K2', 'K3']);
  });
});
