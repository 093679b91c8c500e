import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief } from '../../../tests/fixtures';
import { getExercise, type Phase } from '../library';
import { isMainSlot, type Line } from '../session';
import { runningKey, solveCard, type Brief, type Running } from '.';
import { guardsOf, partsMissing } from './week-parts';

const SQUAD = Array.from({ length: 12 }, (_, i) => athlete({ id: `a${String(i)}` }));
const votes = { up: 10, down: 0, answered: 12, did: 12 };
const FIRST = { role: 'A', leads: ['knee'], enters: null } as const;
const LAST = { role: 'B', leads: ['hip'], enters: null } as const;

const linesOf = (over: Partial<Brief>): readonly Line[] => {
  const solved = solveCard(brief({ events: [], athletes: SQUAD, phase: 'pre-season', ...over }), LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value.card.lines.filter(({ block }) => block !== 'prep');
};
const heldOf = (...cards: (readonly Line[])[]) =>
  cards.flat().map(({ exerciseId, slot }) => ({ exerciseId, main: isMainSlot(slot) }));
const lacks = (sportId: string, ...cards: (readonly Line[])[]) =>
  partsMissing(
    heldOf(...cards).map(({ exerciseId, main }) => ({ exercise: getExercise(LIBRARY, exerciseId), main })),
    guardsOf(LIBRARY.sports.get(sportId)!),
    false,
  );

/** What runs after a card, with a set more earned by the lines of some slots. */
function after(lines: readonly Line[], slots: readonly string[], phase: Phase): Running {
  const keyed = lines.map((line) => {
    const { dose } = line;
    const to = slots.includes(line.slot) ? { ...dose, sets: dose.sets + 1 } : dose;
    return { ...line, key: runningKey(line.exerciseId, line.row), to };
  });
  const rising = keyed.filter(({ dose, to }) => to !== dose);
  return {
    ...brief().running,
    phase,
    entries: Object.fromEntries(keyed.map(({ slot, exerciseId }) => [slot, exerciseId])),
    doses: Object.fromEntries(keyed.map(({ key, to }) => [key, to])),
    steps: Object.fromEntries(rising.map(({ key, dose, to }) => [key, { kind: 'set-up', from: dose, to, votes }])),
  };
}

describe('sets just earned and a whole week (WEEK-9, PROG-16)', () => {
  const EARNED = ['single-leg', 'calf', 'guard', 'upper-push', 'upper-pull'];
  const weekOf = (sportId: string, minutes: number, earned = EARNED, phase: Phase = 'pre-season') => {
    const of = { sportId, minutes, phase };
    const first = linesOf({ ...of, role: FIRST, week: { held: [], isLast: false, nearEvent: false } });
    const week = { held: heldOf(first), isLast: true, nearEvent: false };
    const last = (over: Partial<Brief> = {}) => linesOf({ ...of, role: LAST, week, ...over });
    const begun = last();
    const running = after(begun, earned, phase);
    return { first, begun, running, last: (over: Partial<Brief> = {}) => last({ running, ...over }), week };
  };
  /** Sets that stand on the card of those its lines have come to. */
  const earnedSets = (lines: readonly Line[], { steps }: Running) =>
    lines.flatMap(({ exerciseId, row, dose, full }) => {
      const step = steps[runningKey(exerciseId, row)];
      return step
        ? [{ sets: dose.sets, from: step.from.sets, to: step.to.sets, owned: (full?.dose ?? dose).sets }]
        : [];
    });

  it.each([
    ['ultimate', 40],
    ['ultimate', 45],
    ['volleyball', 45],
    ['basketball', 40],
    ['basketball', 45],
  ])('%s, %i minutes: no part of the week goes for them, and they stay owned', (sportId, minutes) => {
    const { first, begun, running, last } = weekOf(sportId, minutes);
    const lines = last();
    expect(lacks(sportId, first, lines)).toEqual(lacks(sportId, first, begun));
    const earned = earnedSets(lines, running);
    expect(earned.filter(({ sets, from }) => sets === from)).not.toHaveLength(0);
    for (const { sets, from, to, owned } of earned) {
      expect([from, to]).toContain(sets);
      expect(owned).toBe(to);
    }
  });

  it('they wait for nothing else: not on an earlier session, nor where the week is whole with them or lacks as much without', () => {
    const short = weekOf('basketball', 45);
    const earlier = short.last({ week: { ...short.week, isLast: false } });
    const long = weekOf('basketball', 60);
    const lacking = weekOf('ultimate', 45, ['single-leg'], 'specific');
    expect(lacks('ultimate', lacking.first, lacking.last())).toEqual(['guard']);
    for (const [lines, { running }] of [
      [earlier, short],
      [long.last(), long],
      [lacking.last(), lacking],
    ] as const) {
      const earned = earnedSets(lines, running);
      expect(earned).not.toHaveLength(0);
      for (const { sets, to } of earned) expect(sets).toBe(to);
    }
  });
});
