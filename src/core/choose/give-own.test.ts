import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { allDone, athlete, brief } from '../../../tests/fixtures';
import { giveOwn, solveCard, type Given } from '.';

const history = allDone(LIBRARY.exercises.keys());
const people = ['a', 'b', 'c'].map((id) => athlete({ id, name: id, history }));
const knee = { complaints: [{ place: 'knee', side: null, score: 5, column: 'stop' as const }] };
const of = brief({
  events: [],
  phase: 'specific',
  // long enough for all the sets of its main lift
  minutes: 90,
  athletes: [...people, athlete({ id: 'd', name: 'd', history, ...knee })],
});
const solved = solveCard(of, LIBRARY, METHOD);
if (!solved.ok) throw new Error('no card');
const { card, view } = solved.value;
const give = (slot: string, athleteId: string, given: Given) =>
  giveOwn(card, { slot, athleteId }, given, of, LIBRARY, METHOD);
const main = card.lines.find(({ slot }) => slot === 'main')!;
const own = (athleteId: string) => view.find((one) => one.slot === 'main' && one.athleteId === athleteId)!;

describe('what a coach gives one athlete', () => {
  it('less is one set off the athlete’s own dose, at the athlete’s load', () => {
    const { dose } = own('a');
    expect(give('main', 'a', { kind: 'less' })).toEqual({
      ok: true,
      value: {
        slot: 'main',
        athleteId: 'a',
        exerciseId: main.exerciseId,
        row: main.row,
        dose: { ...dose, sets: dose.sets - 1 },
      },
    });
  });

  it('another entry comes with its own dose and load; the other that stands on the line comes first', () => {
    const [first] = main.substitutes;
    const entry = give('main', 'a', { kind: 'entry', ...first! });
    expect(entry).toMatchObject({ ok: true, value: { exerciseId: first!.exerciseId, row: first!.row } });
    const written = view.find(({ slot, variant }) => slot === 'main' && variant === 'safe');
    expect(give('main', 'a', { kind: 'other' })).toMatchObject({
      ok: true,
      value: { exerciseId: written?.exerciseId ?? first!.exerciseId },
    });
  });

  it('says why an entry is barred for this athlete, and that nothing is left to give', () => {
    expect(give('main', 'd', { kind: 'entry', exerciseId: 'back-squat', row: main.row })).toMatchObject({
      ok: false,
      issues: [{ code: 'barred_by_complaint' }],
    });
    expect(give('main', 'nobody', { kind: 'less' })).toMatchObject({
      ok: false,
      issues: [{ code: 'nothing_to_give' }],
    });
    const warm = card.lines.find(({ block }) => block === 'prep')!;
    expect(give(warm.slot, 'a', { kind: 'less' })).toMatchObject({ ok: false });
  });
});
