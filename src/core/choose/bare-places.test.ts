import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { getExercise, suitsOf, type Exercise } from '../library';
import { surveyBrief } from '../survey/survey-briefs';
import { solveCard, type Brief, type SolvedCard } from '.';

type Of = Parameters<typeof surveyBrief>;
type Asked = [Of[0], Of[1], Of[2], Of[3], Of[4]];
const briefOf = (...of: Asked): Brief => surveyBrief(...of, LIBRARY);

function assess(brief: Brief): SolvedCard {
  const solved = solveCard(brief, LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value;
}
const linesOf = (brief: Brief): { slot: string; exercise: Exercise }[] =>
  assess(brief)
    .card.lines.filter(({ block }) => block !== 'prep')
    .map(({ slot, exerciseId }) => ({ slot, exercise: getExercise(LIBRARY, exerciseId) }));
const inSlot = (lines: ReturnType<typeof linesOf>, slot: string): Exercise | undefined =>
  lines.find((line) => line.slot === slot)?.exercise;
const kneeLed = (exercise: Exercise | undefined): boolean => (exercise?.dominance?.knee ?? 0) >= 0.5;

describe('a place with next to nothing', () => {
  it.each(['judo', 'field-hockey', 'gymnastics'])('a floor is enough for the trunk and the hips of %s', (sport) => {
    const lines = linesOf(briefOf(sport, 'specific', 75, 'developing', 'nothing'));
    expect(lines.some(({ exercise }) => exercise.family === 'trunk')).toBe(true);
    expect(lines.some(({ exercise }) => ['hinge', 'single-leg-hip'].includes(exercise.family))).toBe(true);
  });

  it('a short session with nothing to lift fills its minutes with what loosens', () => {
    const { assessment } = assess(briefOf('high-jump', 'congested', 30, 'foundation', 'nothing'));
    expect(assessment.minutes).toBeGreaterThanOrEqual(27);
  });

  // nobody here may do a knee-led lift with a load: never tested, or bells too light to be heavy
  it.each<Asked>([
    ['dance', 'peak', 20, 'trained', 'bells'],
    ['fencing', 'in-season', 60, 'never tested', 'landmine'],
  ])('where only hips have a load they lead, and one leg works by the knee: %s', (...of) => {
    const brief = briefOf(...of);
    const lines = linesOf({ ...brief, schools: { ...brief.schools, mainSquat: 'front' } });
    const main = inSlot(lines, 'main');
    expect(main && suitsOf(main)).toContain('main');
    expect(kneeLed(main)).toBe(false);
    expect(kneeLed(inSlot(lines, 'single-leg'))).toBe(true);
  });

  it('a planned day led by the knees stays so with own-body work: the week’s other day has the hips', () => {
    const brief = briefOf('fencing', 'in-season', 60, 'never tested', 'nothing');
    const lines = linesOf({ ...brief, role: { role: 'A', leads: ['knee'], enters: null } });
    expect(kneeLed(inSlot(lines, 'main'))).toBe(true);
    expect(kneeLed(inSlot(lines, 'single-leg'))).toBe(false);
  });
});

describe('sports that push sideways', () => {
  it.each<Asked>([
    ['gridiron-football', 'pre-season', 45, 'never tested', 'bells'],
    ['squash', 'peak', 45, 'trained', 'nothing'],
  ])('have a line for it however short the card: %s', (...of) => {
    expect(linesOf(briefOf(...of)).some(({ exercise }) => exercise.plane === 'frontal')).toBe(true);
  });
});

it.each<Asked>([
  ['climbing', 'specific', 60, 'foundation', 'bells'],
  ['softball', 'pre-season', 45, 'developing', 'landmine'],
])('a jumping phase trains its jumps before it adds to the rest: %s', (...of) => {
  const { contacts, budget } = assess(briefOf(...of)).assessment;
  expect(contacts.weighted).toBeGreaterThanOrEqual(budget.limit / 2);
});
