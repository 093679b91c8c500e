import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief } from '../../../tests/fixtures';
import { hardSets } from '../dose';
import { getExercise } from '../library';
import { leadsOf, type Role } from '../season';
import type { Line } from '../session';
import { solveCard, type Brief } from '.';

const solve = (over: Partial<Brief>) => {
  const solved = solveCard(brief(over), LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value;
};
const as = (role: Role, week = 1) => ({ role, leads: leadsOf(role, week), enters: null });
const familiesOf = (over: Partial<Brief>, slots: readonly string[]) =>
  solve(over)
    .card.lines.filter(({ slot }) => slots.includes(slot))
    .map(({ exerciseId }) => getExercise(LIBRARY, exerciseId).family);

describe('roles of a week (WEEK-8)', () => {
  const sports = [...LIBRARY.sports.keys()];
  test.each(sports.filter((_id, i) => i % 9 === 0))(
    '%s: A leads with the knee, B with the hip, single-leg work the other way',
    (sportId) => {
      for (const phase of ['general', 'specific', 'pre-season', 'in-season'] as const)
        for (const [role, main, single] of [
          ['A', 'squat', 'single-leg-hip'],
          ['B', 'hinge', 'single-leg-knee'],
        ] as const) {
          const [first, second = single] = familiesOf({ sportId, phase, role: as(role) }, ['main', 'single-leg']);
          expect([first, second]).toEqual([main, single]);
        }
    },
    30_000,
  );

  it('a whole session has both main lifts, the second with a set less, and which leads alternates', () => {
    const of = (week: number) =>
      solve({ role: as('whole', week), minutes: 75, phase: 'specific' }).card.lines.filter(
        ({ block }) => block === 'main',
      );
    const [first, second] = of(1).filter(({ slot }) => slot.startsWith('main') && slot !== 'main-trunk');
    expect(getExercise(LIBRARY, first!.exerciseId).family).toBe('squat');
    expect(getExercise(LIBRARY, second!.exerciseId).family).toBe('hinge');
    expect((second!.full?.dose ?? second!.dose).sets).toBe((first!.full?.dose ?? first!.dose).sets - 1);
    expect(getExercise(LIBRARY, of(2)[0]!.exerciseId).family).toBe('hinge');
  });

  it('gives the other kind where nobody may do what the role asks for', () => {
    const sore = { place: 'knee', side: null, score: 5, column: 'stop' as const };
    const athletes = ['a', 'b', 'c'].map((id) => athlete({ id, complaints: [sore] }));
    expect(familiesOf({ role: as('A'), athletes }, ['main'])).toEqual(['hinge']);
  });

  it('takes what ran where the role allows it, and not where it leans the other way', () => {
    const running = {
      phase: 'in-season' as const,
      entries: { main: 'romanian-deadlift' },
      prep: [],
      otherDays: [],
      lastBlock: [],
      doses: {},
      steps: {},
      again: {},
      climbs: {},
      rests: {},
      held: {},
    };
    expect(solve({ role: as('B'), running }).card.lines.find(({ slot }) => slot === 'main')?.exerciseId).toBe(
      'romanian-deadlift',
    );
    expect(familiesOf({ role: as('A'), running }, ['main'])).toEqual(['squat']);
  });
});

describe('what suits a main slot (SEL-10)', () => {
  it.each(['specific', 'in-season'] as const)(
    '%s: no band on a row whose load is measured, whatever there is',
    (phase) => {
      for (const equipment of [['band'], ['band', 'dumbbell', 'kettlebell'], brief().place.equipment])
        for (const role of ['A', 'B', 'C'] as const) {
          const solved = solveCard(
            brief({ phase, role: as(role), place: { ...brief().place, equipment } }),
            LIBRARY,
            METHOD,
          );
          if (!solved.ok) continue;
          for (const { exerciseId, row } of solved.value.card.lines)
            if (METHOD.doses[row].quality === 'max-strength')
              expect(getExercise(LIBRARY, exerciseId).load.kind, exerciseId).not.toBe('band');
        }
    },
  );
});

describe('a lift that is new to a squad (WEEK-6)', () => {
  it('enters beside, two sets, the week it leads on a protected day', () => {
    const role = { ...as('A'), enters: 'hip' as const };
    const other = solve({ role, minutes: 75, phase: 'specific' }).card.lines.find(({ slot }) => slot === 'main-2');
    expect(getExercise(LIBRARY, other!.exerciseId).family).toBe('hinge');
    expect(other!.dose.sets).toBeLessThanOrEqual(2);
  });
});

describe('jumps at practice (JUMP-8)', () => {
  it('shrink the day’s budget by half their number, for the squad and for each', () => {
    const before = solve({ phase: 'specific', minutes: 75 }).assessment.budget;
    const { assessment, view } = solve({ phase: 'specific', minutes: 75, practiceJumps: 60 });
    expect(assessment.budget.limit).toBe(before.limit - 30);
    expect(assessment.contacts.weighted).toBeLessThanOrEqual(before.limit - 30);
    expect(solve({ phase: 'specific', minutes: 75, practiceJumps: 900 }).assessment.contacts.weighted).toBe(0);
    expect(view.length).toBeGreaterThan(0);
  });
});

describe('a lighter week (BLOCK-1)', () => {
  it('takes sets off what is trained and leaves prep; what is owned stays whole', () => {
    // minutes enough that the clock takes nothing of its own
    const usual = solve({ phase: 'specific', minutes: 90 }).card.lines;
    const { card, view, assessment } = solve({ phase: 'specific', minutes: 90, lighterWeek: true });
    const main = card.lines.find(({ slot }) => slot === 'main')!;
    const before = usual.find(({ slot }) => slot === 'main')!;
    expect(main.dose.sets).toBe(Math.floor(before.dose.sets * 0.6 + 0.5));
    expect(main.full?.dose.sets).toBe(before.dose.sets);
    expect(main.full?.rules).toContain('BLOCK-1');
    const own = view.find(({ slot }) => slot === 'main')!;
    expect(own.eased).toContain('BLOCK-1');
    expect(own.based?.sets).toBe(before.dose.sets);
    expect(assessment.budget.limit).toBe(
      Math.floor(solve({ phase: 'specific', minutes: 90 }).assessment.budget.limit * 0.6 + 0.5),
    );
    for (const { slot, dose } of card.lines.filter(({ block }) => block === 'prep'))
      expect(dose.sets, slot).toBeGreaterThanOrEqual(usual.find((line) => line.slot === slot)?.dose.sets ?? 1);
  });

  it.each([
    ['a lighter week', { phase: 'in-season' as const, lighterWeek: true }, 0.7],
    ['a week of a peak', { phase: 'peak' as const, peakSets: 0.4 }, 0.5],
  ])('%s is not filled up again where nothing runs yet', (_, of, part) => {
    const hard = (lines: readonly Line[]): number =>
      lines.reduce(
        (sum, { exerciseId, dose, row }) =>
          sum + hardSets(dose, getExercise(LIBRARY, exerciseId), METHOD.doses[row], METHOD),
        0,
      );
    const usual = solve({ phase: 'in-season', minutes: 60 });
    const mostSets = Math.floor(part * hard(usual.card.lines));
    const { card, assessment } = solve({ minutes: 60, mostSets, ...of });
    expect(hard(card.lines)).toBeLessThanOrEqual(part * hard(usual.card.lines));
    expect(assessment.minutes).toBeLessThan(0.8 * usual.assessment.minutes);
  });
});
