import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { allDone, athlete, brief, dose } from '../../../tests/fixtures';
import { NO_HISTORY, type AthleteFacts } from '../athlete';
import { dayView, judgeOption } from '../day';
import type { Dose } from '../dose';
import { jumpBudget } from '../jumps';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import { AS_TEMPLATE, type Line, type TypedLine } from '../session';
import { assessCard, makeContext, type Brief } from '.';

const person = (own: Partial<AthleteFacts> = {}): AthleteFacts =>
  athlete({ history: allDone(LIBRARY.exercises.keys()), ...own });
const typed = (exerciseId: string, row: DoseRowId, of: Partial<Dose>, own: Partial<Line> = {}): Line => ({
  slot: 'main',
  block: 'main',
  group: null,
  exerciseId,
  row,
  dose: dose(of),
  full: null,
  reasons: [],
  pinned: true,
  typed: true,
  substitutes: [],
  note: null,
  only: null,
  ...own,
});
const ownLine = (exerciseId: string, row: DoseRowId, of: Partial<Dose>, athleteId = 'a1'): TypedLine => ({
  slot: 'main',
  athleteId,
  exerciseId,
  row,
  dose: dose(of),
});
function said(lines: Line[], own: TypedLine[], people: AthleteFacts[], more: Partial<Brief> = {}) {
  const context = makeContext(brief({ events: [], minutes: 90, athletes: people, ...more }), LIBRARY, METHOD);
  const card = { template: 'by hand', lines, typed: own, shape: AS_TEMPLATE };
  const view = people.flatMap((one) => dayView(card, one, context));
  return assessCard(card, view, context).findings.map(({ severity, code, facts }) => ({
    is: `${severity} ${code}`,
    facts,
  }));
}
const of = (...args: Parameters<typeof said>) => said(...args).map(({ is }) => is);
const PLAIN = typed('back-squat', 'D-MAINT', { sets: 3, amount: 6, rir: 3 }, { typed: false, pinned: false });

describe('what the coach types is said at the line with its number, and only SAFE, gates and WEEK-2 refuse (DOSE-12)', () => {
  test.each([
    ['a bell that is not there', 'goblet-squat', { loadKg: 80 }, 'warn load_not_here'],
    ['a bar that plates cannot make', 'back-squat', { loadKg: 61 }, 'warn load_not_here'],
    ['more than was ever lifted', 'back-squat', { loadKg: 150 }, 'warn load_above_maximum'],
  ] as [string, string, Partial<Dose>, string][])('%s', (_name, id, own, expected) => {
    const people = [person({ e1rmKg: { 'back-squat': 100 } })];
    expect(of([typed(id, 'D-MAINT', { rir: 3, ...own })], [], people)).toContain(expected);
    expect(of([PLAIN], [ownLine(id, 'D-MAINT', { rir: 3, ...own })], people)).toContain(expected);
  });

  it('says nothing of what just fits: a load at the maximum, landings at the budget', () => {
    const people = [person({ e1rmKg: { 'back-squat': 100 } })];
    const at = { rir: 0, amount: 1, loadKg: 100 };
    expect(of([typed('back-squat', 'D-MAINT', at)], [], people)).not.toContain('warn load_above_maximum');
    expect(of([PLAIN], [ownLine('back-squat', 'D-MAINT', at)], people)).not.toContain('warn load_above_maximum');
    expect(of([PLAIN], [ownLine('back-squat', 'D-MAINT', { ...at, loadKg: 102.5 })], people)).toContain(
      'warn load_above_maximum',
    );
    const jumps = typed('broad-jump-stick', 'D-SLOW', { sets: 3, amount: 3 }, { slot: 'jump-1', typed: false });
    const landings = (amount: number) =>
      of(
        [jumps],
        [{ ...ownLine('broad-jump-stick', 'D-SLOW', { sets: 1, amount, unit: 'reps' }), slot: 'jump-1' }],
        people,
      );
    const { limit } = jumpBudget(
      {
        jumpLevel: person().jumpLevel,
        phase: 'in-season',
        lighterWeek: false,
        cautious: false,
        unfamiliarOrHardSurface: false,
        growth: false,
        practiceJumps: 0,
      },
      METHOD,
    );
    expect(landings(limit)).not.toContain('warn over_contacts');
    expect(landings(limit + 1)).toContain('warn over_contacts');
  });

  it('judges a young athlete’s typed load by reps and reserve only where no load is typed', () => {
    const young = [person({ ageYears: 15, e1rmKg: {} })];
    const load = { sets: 3, amount: 8, rir: 3, loadKg: 40 };
    expect(of([typed('back-squat', 'D-MAINT', load)], [], young)).not.toContain('forbid youth_intensity');
  });

  it('names the nearest load that can be made, and how many are over their maximum', () => {
    const people = [
      person({ e1rmKg: { 'back-squat': 100 } }),
      person({ id: 'b', name: 'Bo', e1rmKg: { 'back-squat': 200 } }),
    ];
    const found = said([typed('back-squat', 'D-MAINT', { rir: 3, loadKg: 121 })], [], people);
    expect(found.find(({ is }) => is === 'warn load_not_here')?.facts).toMatchObject({
      loadKg: 121,
      nearestKg: 120,
      slot: 'main',
    });
    expect(found.find(({ is }) => is === 'warn load_above_maximum')?.facts).toMatchObject({
      count: 1,
      athlete: 'Ines Roder',
    });
  });

  it('says nothing of a load the place makes and the athlete has', () => {
    expect(of([typed('back-squat', 'D-MAINT', { rir: 3, loadKg: 80 })], [], [person()])).toEqual([]);
  });

  it('refuses above 0.80 under 16: typed as a %, or as reps and reserve; for the squad only when all are young', () => {
    const young = person({ id: 'y', name: 'Yve', ageYears: 15 });
    const single = { sets: 5, amount: 1, percent: 0.97, rir: null };
    expect(of([typed('back-squat', 'D-MAINT', single)], [], [young])).toContain('forbid youth_intensity');
    expect(of([typed('back-squat', 'D-MAINT', single)], [], [young, person()])).not.toContain('forbid youth_intensity');
    expect(of([PLAIN], [ownLine('back-squat', 'D-MAINT', single, 'y')], [young, person()])).toContain(
      'forbid youth_intensity',
    );
    const hard = { sets: 3, amount: 3, rir: 1 };
    expect(of([PLAIN], [ownLine('back-squat', 'D-MAINT', hard, 'y')], [young])).toContain('forbid youth_intensity');
    expect(of([PLAIN], [ownLine('back-squat', 'D-MAINT', { sets: 3, amount: 8, rir: 3 }, 'y')], [young])).not.toContain(
      'forbid youth_intensity',
    );
  });

  it('refuses heavy work near an event that a hand made heavy, and not what it found so', () => {
    const near = { day: '2026-11-26', events: [{ day: '2026-11-28', kind: 'league' as const }] };
    const heavy = { sets: 3, amount: 5, rir: 1 };
    expect(of([typed('back-squat', 'D-MAINT', heavy)], [], [person()], near)).toContain('forbid heavy_on_quiet_day');
    expect(of([typed('back-squat', 'D-MAINT', { ...heavy, sets: 2 })], [], [person()], near)).toEqual([]);
    const stood = typed('back-squat', 'D-MAINT', heavy, { typed: false, pinned: false });
    expect(of([stood], [], [person()], near)).not.toContain('forbid heavy_on_quiet_day');
    expect(of([PLAIN], [ownLine('back-squat', 'D-MAINT', heavy)], [person()], near)).toContain('forbid day_bars_heavy');
  });

  it('refuses for one athlete what a gate or a complaint stands against, whoever else may do it', () => {
    const failed = person({ id: 'f', tests: { R1: 'failed' } });
    expect(of([PLAIN], [ownLine('deadlift', 'D-MAINT', { rir: 3 }, 'f')], [failed, person()])).toContain(
      'forbid gate_not_met',
    );
    expect(of([typed('deadlift', 'D-MAINT', { rir: 3 })], [], [failed, person()])).toEqual([]);
    expect(of([typed('deadlift', 'D-MAINT', { rir: 3 })], [], [failed])).toContain('forbid gate_not_met');
  });

  it('keeps a jump over the budget and says by how much, for the squad and for one', () => {
    const many = { sets: 12, amount: 10 };
    const jump = typed('countermovement-jump', 'D-SLOW', many);
    const found = said([jump], [], [person()]);
    expect(found.find(({ is }) => is === 'warn over_contacts')?.facts.weighted).toBe(120);
    expect(
      of(
        [{ ...jump, dose: dose({ sets: 2, amount: 4 }), typed: false }],
        [ownLine('countermovement-jump', 'D-SLOW', many)],
        [person()],
      ),
    ).toContain('warn over_contacts');
  });

  it('says whose guardian’s consent is missing, wherever a card is made', () => {
    const minor = person({ id: 'm', name: 'Mia', consentMissing: true });
    expect(said([PLAIN], [], [person(), minor]).find(({ is }) => is === 'warn consent_missing')?.facts).toEqual({
      names: ['Mia'],
    });
  });
});

describe('a gate is overridden by a written reason, and by nothing else (JUMP-2)', () => {
  const fresh = (own: Partial<AthleteFacts> = {}) => person({ history: NO_HISTORY, ...own });
  const at = makeContext(brief({ events: [], athletes: [fresh()] }), LIBRARY, METHOD);
  const three = dose({ sets: 2, amount: 3 });
  const isShut = (exercise: Exercise, ungated: boolean) =>
    judgeOption({ exercise, row: 'D-SLOW', dose: three }, fresh(), at, ungated)?.code;
  const gated = [...LIBRARY.exercises.values()].find(
    (exercise) => exercise.plyo && isShut(exercise, false) === 'gate_not_met' && isShut(exercise, true) === undefined,
  )!;
  const owned = { ...NO_HISTORY, mastered: Object.fromEntries([...LIBRARY.exercises.keys()].map((id) => [id, 9])) };
  const jump = (own: Partial<Line> = {}) =>
    typed(gated.id, 'D-SLOW', { sets: 2, amount: 3 }, { slot: 'jump-1', block: 'jumps', typed: false, ...own });
  const why = { override: 'trained with it at the last club' };
  const doing = (line: Line, one: AthleteFacts) =>
    dayView(
      { lines: [line], typed: [] },
      one,
      makeContext(brief({ events: [], athletes: [one] }), LIBRARY, METHOD),
    )[0]!;

  it('lets the athlete’s own dose on that line stand too', () => {
    const own = {
      slot: 'jump-1',
      athleteId: fresh().id,
      exerciseId: gated.id,
      row: 'D-SLOW' as const,
      dose: dose({ sets: 1, amount: 3 }),
    };
    expect(of([jump()], [own], [fresh()])).toContain('forbid gate_not_met');
    expect(of([jump(why)], [own], [fresh()])).not.toContain('forbid gate_not_met');
    const other = { ...why, overrideFor: ['somebody-else'] };
    expect(of([jump(other)], [own], [fresh()])).toContain('forbid gate_not_met');
  });

  it('stands refused without one, and in sight with one', () => {
    expect(of([jump()], [], [fresh()])).toContain('forbid gate_not_met');
    const found = said([jump(why)], [], [fresh()]);
    expect(found.map(({ is }) => is)).not.toContain('forbid gate_not_met');
    expect(found.find(({ is }) => is === 'warn gate_overridden')?.facts).toMatchObject({
      count: 1,
      of: 1,
      why: why.override,
    });
    // who meets the gate needs none
    expect(
      of([jump(why)], [], [fresh({ history: owned, liftLevel: 'advanced', jumpLevel: 'advanced' })]),
    ).not.toContain('warn gate_overridden');
  });

  it('is done by who has not met it, and still not by who is hurt or too young for its tier', () => {
    expect(doing(jump(), fresh()).exerciseId).not.toBe(gated.id);
    expect(doing(jump(why), fresh()).exerciseId).toBe(gated.id);
    const hurt = fresh({ complaints: [{ place: 'knee', side: null, score: 6, column: 'stop' }] });
    expect(doing(jump(why), hurt).exerciseId).not.toBe(gated.id);
    const grows = fresh({ ageYears: 13, growthCmPerMonth: 2, jumpLevel: 'foundation' });
    const high = [...LIBRARY.exercises.values()].find(({ plyo }) => plyo?.tier === 'high')!;
    expect(doing({ ...jump(why), exerciseId: high.id }, grows).exerciseId).not.toBe(high.id);
  });

  it('for one athlete lets nobody else through', () => {
    const [ana, bo] = [fresh({ id: 'ana' }), fresh({ id: 'bo' })];
    const line = jump({ ...why, overrideFor: ['ana'] });
    expect(doing(line, ana).exerciseId).toBe(gated.id);
    expect(doing(line, bo).exerciseId).not.toBe(gated.id);
    const found = said([line], [], [ana, bo]);
    expect(found.find(({ is }) => is === 'warn gate_overridden')?.facts).toMatchObject({ whom: [ana.name] });
    // whose it is not is refused as ever
    expect(of([line], [], [bo])).toContain('forbid gate_not_met');
  });

  it('says nothing for what stands in for it', () => {
    const press = typed('bench-press', 'D-MAINT', { sets: 3, amount: 6, rir: 3 }, { ...why, typed: false });
    const line = { ...press, substitutes: [{ exerciseId: gated.id, row: 'D-SLOW' as const }] };
    const hurt = fresh({ complaints: [{ place: 'shoulder', side: null, score: 5, column: 'stop' }] });
    expect(doing(line, hurt).exerciseId).not.toBe(gated.id);
  });
});
