import { describe, expect, it, test } from 'vitest';
import { START, TEST_SPECS } from '$catalog';
import { testRecord } from '../../../tests/fixtures';
import { assumedNoise, type TestRecord, type TestSpec } from '../testing';
import {
  checkResult,
  liftsAtCeiling,
  momentOn,
  NO_AIMS,
  NO_TARGETS,
  readRescreens,
  targetFor,
  type ResultCase,
  type StrengthFacts,
} from '.';

const noise = (spec: TestSpec, value: number) => assumedNoise(spec.assumed, value);
const record = (id: string, day: string, value: number, own: Partial<TestRecord> = {}): TestRecord =>
  testRecord(id, value, { day, ...own });

describe('the force target', () => {
  const own = { female: { squat: 1.1, hinge: 1.4 }, male: null, young: { squat: 0.8, hinge: 1 } };
  test.each([
    ['a woman, by the squad', 'female', 24, own, 1.1],
    ['a man, by the method', 'male', 24, own, 1.25],
    ['sex not known', null, 24, own, 1.25],
    ['a girl: age comes before sex', 'female', 15, own, 0.8],
    ['a boy, by the method', 'male', 15, NO_TARGETS, 1],
    ['age not known', 'female', null, own, 1.1],
  ] as const)('%s', (_name, sex, ageYears, targets, squat) => {
    expect(targetFor({ sex, ageYears }, targets, START).squat).toBe(squat);
  });
});

describe('strong enough (DOSE-6)', () => {
  const GATE = 1.5;
  const at = (own: Partial<StrengthFacts>, enough = NO_AIMS.enough) =>
    liftsAtCeiling(
      { e1rmKg: { 'back-squat': 120, deadlift: 150 }, bodyMassKg: 80, ceilings: [], ...own },
      enough,
      GATE,
      START,
    );
  const ceiling = (lift: string, kg: number) => ({ lift, kg, since: '2026-11-01', why: 'typed' as const });

  test.each([
    ['nothing said', {}, undefined, []],
    ['own ceiling reached', { ceilings: [ceiling('deadlift', 145)] }, undefined, ['deadlift']],
    ['own ceiling not reached', { ceilings: [ceiling('deadlift', 160)] }, undefined, []],
    ['the squad’s, × body mass', {}, { squat: 1.5, hinge: 1.8 }, ['back-squat', 'deadlift']],
    ['own ceiling outranks the squad’s', { ceilings: [ceiling('deadlift', 170)] }, { squat: null, hinge: 1.5 }, []],
    ['body mass not known', { bodyMassKg: null }, { squat: 1.2, hinge: 1.2 }, []],
    [
      'a front squat counts by its part',
      { e1rmKg: { 'front-squat': 105 } },
      { squat: 1.5, hinge: null },
      ['front-squat'],
    ],
    ['a lift that is neither squat nor hinge', { e1rmKg: { 'bench-press': 90 } }, { squat: 1, hinge: 1 }, []],
  ] as [string, Partial<StrengthFacts>, (typeof NO_AIMS)['enough'] | undefined, string[]][])(
    '%s',
    (_name, own, enough, lifts) => {
      expect(at(own, enough)).toEqual(lifts);
    },
  );

  it('never lies below a gate it opens: past 1.5 × body mass a lower ceiling keeps the gate open', () => {
    const enough = { squat: 1.3, hinge: null };
    expect(at({ e1rmKg: { 'back-squat': 110 } }, enough)).toEqual(['back-squat']);
    expect(at({ e1rmKg: { 'back-squat': 121 } }, enough)).toEqual(['back-squat']);
    expect(at({ e1rmKg: { 'back-squat': 121 } }, { squat: 1.6, hinge: null })).toEqual([]);
  });
});

describe('a weak moment (START-12)', () => {
  const known = [{ id: 'first-step', name: 'a slow first step', quality: 'power' as const, muscles: [] }];
  test.each([
    ['2026-11-01', true],
    ['2026-11-28', true],
    ['2026-11-29', false],
    ['2026-10-31', false],
  ])('named on 1 November counts on %s: %s', (day, counts) => {
    const kept = { id: 'first-step', since: '2026-11-01', by: 'coach' as const };
    expect(momentOn(kept, known, day, 28) !== null).toBe(counts);
  });
  it('that the sport no longer names does not count', () => {
    expect(momentOn({ id: 'gone', since: '2026-11-01', by: 'athlete' }, known, '2026-11-02', 28)).toBeNull();
    expect(momentOn(null, known, '2026-11-02', 28)).toBeNull();
  });
});

describe('lifts against the result (START-11)', () => {
  const [then, now] = ['2026-10-20', '2026-11-20'];
  const check = (records: TestRecord[], own: Partial<ResultCase> = {}) =>
    checkResult(
      {
        records,
        today: '2026-11-24',
        result: { test: 'sprint-20', name: '', error: 0.03 },
        bodyMassKg: 80,
        target: START.target,
        noise,
        ...own,
      },
      TEST_SPECS,
      START,
    );
  const squat = (from: number, to: number) => [record('back-squat', then, from), record('back-squat', now, to)];
  const sprint = (from: number, to: number) => [record('sprint-20', then, from), record('sprint-20', now, to)];

  test.each([
    ['rises while the result is flat', squat(120, 140), sprint(3.1, 3.09), ['back-squat'], 'flat'],
    ['rises while the result gets worse', squat(120, 140), sprint(3.1, 3.2), ['back-squat'], 'worse'],
    ['rises with the result: a shorter time is better', squat(120, 140), sprint(3.1, 3.0), [], 'better'],
    ['does not rise beyond its error', squat(120, 124), sprint(3.1, 3.1), [], 'flat'],
  ] as const)('a squat that %s', (_name, lift, result, enough, moved) => {
    const found = check([...lift, ...result]);
    expect(found.enough).toEqual(enough);
    expect(found.result?.moved).toBe(moved);
  });

  it('lets a lift below its target go on, and says so', () => {
    expect(check([...squat(70, 90), ...sprint(3.1, 3.1)])).toMatchObject({ enough: [], belowTarget: ['back-squat'] });
  });

  it('says nothing from one value, from ends too close, or from what still asks', () => {
    expect(check([...squat(120, 140), record('sprint-20', now, 3.1)]).result).toBeNull();
    const close = [record('sprint-20', '2026-11-10', 3.1), record('sprint-20', now, 3.1)];
    expect(check([...squat(120, 140), ...close])).toMatchObject({ result: null, enough: [] });
    expect(
      check([...squat(120, 140), record('sprint-20', then, 3.1, { asks: true }), record('sprint-20', now, 3.1)]).result,
    ).toBeNull();
    expect(check([...squat(120, 140), ...sprint(3.1, 3.1)], { bodyMassKg: null }).enough).toEqual([]);
  });

  it('takes the error from the squad’s repeats when none is typed', () => {
    const own = { result: { test: 'sprint-20', name: '', error: null } };
    expect(check(sprint(3.1, 3.03), own).result?.moved).toBe('flat');
    expect(
      check(sprint(3.1, 3.03), { ...own, noise: (_, v) => ({ ...assumedNoise({ m: 0.01 }, v) }) }).result?.moved,
    ).toBe('better');
  });
});

describe('rescreens of a range focus (START-10)', () => {
  const specs = ['R1', 'R2', 'R4'].map((id) => TEST_SPECS.get(id)!);
  const read = (...records: TestRecord[]) => readRescreens(specs, records, '2026-11-01', [14, 28], noise);
  const before = [record('R2', '2026-10-20', 0), record('R4', '2026-10-20', 0.07, { side: 'left' })];

  it('are due after 14 and 28 days, and are over once looked at', () => {
    expect(read(...before).due).toEqual(['2026-11-15', '2026-11-29']);
    expect(read(...before, record('R2', '2026-11-16', 0)).due).toEqual(['2026-11-29']);
  });
  it('gain by a grade, or by a length beyond its error', () => {
    const look = (...records: TestRecord[]) => read(...before, ...records).looks.at(-1)?.gain;
    expect(look(record('R2', '2026-11-15', 1))).toBe(true);
    expect(look(record('R2', '2026-11-15', 0))).toBe(false);
    expect(look(record('R4', '2026-11-15', 0.1, { side: 'left' }))).toBe(true);
    expect(look(record('R4', '2026-11-15', 0.072, { side: 'left' }))).toBe(false);
    expect(look(record('R4', '2026-11-15', 0.1, { side: 'right' }))).toBe(false);
  });
  it('twice without a gain ask for another drill or a clinician', () => {
    const flat = [record('R2', '2026-11-15', 0), record('R2', '2026-11-29', 0)];
    expect(read(...before, ...flat.slice(0, 1)).stuck).toBe(false);
    expect(read(...before, ...flat).stuck).toBe(true);
    expect(read(...before, ...flat, record('R2', '2026-12-10', 1)).stuck).toBe(false);
  });
});
