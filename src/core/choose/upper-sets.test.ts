import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief } from '../../../tests/fixtures';
import { hardSets } from '../dose';
import { getExercise, type Family } from '../library';
import { solveCard, type Brief } from '.';

const linesOf = (over: Partial<Brief>) => {
  const result = solveCard(brief({ events: [], minutes: 75, ...over }), LIBRARY, METHOD);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value.card.lines.map((line) => ({ ...line, exercise: getExercise(LIBRARY, line.exerciseId) }));
};
const setsOf = (lines: ReturnType<typeof linesOf>, family: Family): number =>
  lines.reduce(
    (sum, { exercise, dose, row }) =>
      exercise.family === family ? sum + hardSets(dose, exercise, METHOD.doses[row], METHOD) : sum,
    0,
  );

describe('presses and pulls (SEL-10)', () => {
  it.each(['volleyball', 'team-handball', 'ice-hockey', 'judo'])(
    'are no more than half a week of what the knee may lead: %s',
    (sportId) => {
      const half = (METHOD.phases['in-season'].weeklySets?.knee[1] ?? NaN) / METHOD.settings.choice.usualSessions;
      const lines = linesOf({ sportId, phase: 'in-season' });
      for (const family of ['upper-push', 'upper-pull'] as const)
        expect(setsOf(lines, family), family).toBeLessThanOrEqual(half);
      expect(setsOf(lines, 'upper-pull')).toBeGreaterThan(0);
    },
  );

  it('are held by what the week leaves of them', () => {
    const left = { knee: [2, 5], hip: [2, 5], calfFoot: [1, 2], trunk: [2, 3] } as const;
    const lines = linesOf({ phase: 'in-season', sets: { ...left, push: [0, 2], pull: [0, 0] } });
    expect(setsOf(lines, 'upper-push')).toBeLessThanOrEqual(2);
    const free = linesOf({ phase: 'in-season', sets: { ...left, push: [0, 6], pull: [0, 6] } });
    expect(setsOf(lines, 'upper-pull')).toBeLessThan(setsOf(free, 'upper-pull'));
  });

  it('a pull pulls: what turns and raises the shoulder guards it, and a band gives way to a weight', () => {
    for (const sportId of ['volleyball', 'team-handball'])
      for (const phase of ['general', 'specific', 'in-season'] as const)
        for (const { slot, exercise } of linesOf({ sportId, phase }))
          if (slot === 'upper-pull') {
            expect(exercise.pattern).not.toMatch(/shoulder|row-high/);
            expect(exercise.load.kind).not.toBe('band');
          }
  });

  it('the same pull again is better than none', () => {
    const running = brief({}).running;
    const all = [...LIBRARY.exercises.values()].filter(({ family }) => family === 'upper-pull').map(({ id }) => id);
    const lines = linesOf({ running: { ...running, lastBlock: all } });
    expect(setsOf(lines, 'upper-pull')).toBeGreaterThan(0);
  });
});

describe('a week that takes sets away (BLOCK-1, PHASE-2)', () => {
  it('holds no more of all kinds than it leaves', () => {
    const total = (mostSets: number | null): number => {
      const lines = linesOf({ phase: 'in-season', lighterWeek: true, mostSets });
      return lines.reduce(
        (sum, { exercise, dose, row }) => sum + hardSets(dose, exercise, METHOD.doses[row], METHOD),
        0,
      );
    };
    expect(total(14)).toBeLessThanOrEqual(14);
    expect(total(null)).toBeGreaterThan(14);
  });
});

describe('after the season (PHASE-3)', () => {
  it('sessions are shorter, and what is new starts at its fewest sets', () => {
    const minutes = (phase: Brief['phase']): number => {
      const result = solveCard(brief({ events: [], minutes: 60, phase }), LIBRARY, METHOD);
      return result.ok ? result.value.assessment.minutes : NaN;
    };
    expect(minutes('transition')).toBeLessThan(0.85 * minutes('in-season'));
    for (const { slot, row, dose } of linesOf({ phase: 'transition' }))
      if (slot !== 'main' && METHOD.doses[row].progresses) expect(dose.sets, slot).toBe(METHOD.doses[row].sets[0]);
  });
});
