import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { allDone, athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import type { AthleteFacts } from '../athlete';
import { makeContext, type Brief } from '../choose';
import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { Line, TypedLine } from '../session';
import { begunKey, squadView, type DayLine } from '.';

const DONE = allDone(LIBRARY.exercises.keys());
const person = (id: string, own: Partial<AthleteFacts> = {}): AthleteFacts =>
  athlete({ id, name: id, history: DONE, ...own });
const line = (exerciseId: string, row: DoseRowId, of: Partial<Dose>, own: Partial<Line> = {}): Line => ({
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
const views = (lines: Line[], athletes: AthleteFacts[], own: Partial<Brief> = {}, typed: TypedLine[] = []): DayLine[] =>
  squadView({ lines, typed }, athletes, makeContext(brief({ events: [], athletes, ...own }), LIBRARY, METHOD));
const told = (of: DayLine[]): Record<string, string> =>
  Object.fromEntries(
    of.map(({ athleteId, variant, exerciseId, dose: { sets, amount } }) => [
      athleteId,
      exerciseId === null ? variant : `${variant} ${exerciseId} ${String(sets)}x${String(amount)}`,
    ]),
  );

/** A calf raise of one ladder: each of the people owns sets × reps of it. */
const CALF = line('calf-raise-one-leg', 'D-ASST', { sets: 3, amount: 10, per: 'side', rir: 2 });
const calves = (own: Record<string, readonly [sets: number, amount: number]>) => ({
  athletes: Object.keys(own).map((id) => person(id)),
  tracks: Object.fromEntries(
    Object.entries(own).map(([id, [sets, amount]]) => [
      id,
      [trackOf(CALF.exerciseId, CALF.row, { ...CALF.dose, sets, amount })],
    ]),
  ),
});
const calf = (own: Record<string, readonly [number, number]>, of: Line = CALF) => {
  const { athletes, tracks } = calves(own);
  // each does what they own: what the card makes of that is asked here
  return told(views([of], athletes, { tracks, own: true }));
};

describe('one card can be run (SEL-8)', () => {
  it('writes the dose that most do, and less by exactly one step', () => {
    expect(calf({ a: [3, 10], b: [3, 10], c: [2, 10], d: [3, 12], e: [2, 12], f: [3, 11] })).toEqual({
      a: 'squad calf-raise-one-leg 3x10',
      b: 'squad calf-raise-one-leg 3x10',
      c: 'less calf-raise-one-leg 2x10',
      // who has come further does the squad's, or the lesser of the two
      d: 'squad calf-raise-one-leg 3x10',
      e: 'less calf-raise-one-leg 2x10',
      f: 'squad calf-raise-one-leg 3x10',
    });
  });

  it('at the fewest sets less is a third of the reps off', () => {
    expect(calf({ a: [2, 9], b: [2, 9], c: [2, 6] })).toMatchObject({
      b: 'squad calf-raise-one-leg 2x9',
      c: 'less calf-raise-one-leg 2x6',
    });
  });

  it('of two doses done by as many the card’s own is the squad’s, else the larger', () => {
    expect(calf({ a: [3, 10], b: [2, 10] })).toMatchObject({ a: 'squad calf-raise-one-leg 3x10' });
    expect(calf({ a: [4, 8], b: [3, 8] })).toMatchObject({ a: 'squad calf-raise-one-leg 4x8' });
  });

  it('one other dose for whom neither fits, the least of those who need one', () => {
    expect(calf({ a: [4, 10], b: [4, 10], c: [2, 12], d: [2, 8], e: [2, 10] })).toMatchObject({
      c: 'other calf-raise-one-leg 2x8',
      d: 'other calf-raise-one-leg 2x8',
      e: 'other calf-raise-one-leg 2x8',
    });
  });

  it('what an athlete owns is not touched by what the card has room for', () => {
    const { athletes, tracks } = calves({ a: [3, 10], b: [3, 10], c: [3, 12] });
    const own = views([CALF], athletes, { tracks, own: true }).find(({ athleteId }) => athleteId === 'c')!;
    expect(own).toMatchObject({ dose: { sets: 3, amount: 10 }, based: { sets: 3, amount: 12 }, eased: ['SEL-8'] });
    expect(own.reasons.at(-1)).toMatchObject({ code: 'one_card', facts: { sets: 3, amount: 12, other: false } });
  });

  it('sets and reps of a loaded lift are the squad’s; the load is read at them (PROG-15)', () => {
    const press = line('dumbbell-bench-press', 'D-ASST', { sets: 3, amount: 10, rir: 2 });
    const own = (id: string, sets: number, amount: number, loadKg: number) => [
      id,
      [trackOf(press.exerciseId, press.row, { ...press.dose, sets, amount, loadKg })],
    ];
    const tracks = Object.fromEntries([
      own('a', 3, 10, 20),
      own('b', 3, 10, 16),
      own('c', 2, 6, 24),
      own('d', 3, 12, 12),
    ]);
    const found = views(
      [press],
      ['a', 'b', 'c', 'd'].map((id) => person(id)),
      { tracks },
    );
    expect(Object.values(told(found)).every((words) => words === 'squad dumbbell-bench-press 3x10')).toBe(true);
    const loads = new Map(found.map((one) => [one.athleteId, one.dose.loadKg]));
    // 24 kg six times with two left is no load for ten times with two left
    expect(loads.get('c')).toBeLessThan(24);
    expect(loads.get('c')).toBeGreaterThanOrEqual(16);
    expect([loads.get('a'), loads.get('d')]).toEqual([20, 12]);
    expect(found.every(({ dose: now, based }) => based?.sets === now.sets && based.loadKg === now.loadKg)).toBe(true);
  });

  it('one substitute for complaints; who has room for none of the doses is without', () => {
    const hurt = (place: string, score: number): Partial<AthleteFacts> => ({
      complaints: [{ place, side: null, score, column: score >= 4 ? 'stop' : 'three' }],
    });
    const squat = line(
      'back-squat',
      'D-MAINT',
      { sets: 3, amount: 6, rir: 2 },
      {
        substitutes: [
          { exerciseId: 'hip-thrust', row: 'D-MAINT' },
          { exerciseId: 'dumbbell-bench-press', row: 'D-ASST' },
        ],
      },
    );
    const found = views(
      [squat],
      [
        person('a'),
        person('b'),
        person('knee', hurt('knee', 5)),
        person('other-knee', hurt('knee', 4)),
        person('head', hurt('head', 5)),
      ],
    );
    expect(told(found)).toMatchObject({ a: 'squad back-squat 3x6', head: 'without' });
    const safe = found.filter(({ variant }) => variant === 'safe');
    expect(safe.map(({ athleteId }) => athleteId)).toEqual(['knee', 'other-knee']);
    expect(new Set(safe.map(({ exerciseId }) => exerciseId)).size).toBe(1);
  });

  it('an athlete’s own contact budget is less, or carries its sets as the other dose', () => {
    const jump = line('pogo', 'D-SKILL', { sets: 4, amount: 10, rir: null }, { slot: 'jump-1', block: 'jumps' });
    const heavy = { bodyMassKg: 130, jumpLevel: 'foundation' as const };
    const found = views([jump], [person('a'), person('b'), person('c', heavy)], { practiceJumps: 30 });
    const before = found.find(({ athleteId }) => athleteId === 'a')!;
    const own = found.find(({ athleteId }) => athleteId === 'c')!;
    expect(own.dose.sets).toBeLessThanOrEqual(before.dose.sets);
    expect(['squad', 'less', 'other']).toContain(own.variant);
  });

  it('what was typed for an athlete or the squad stands, and counts as none of the four', () => {
    const { athletes, tracks } = calves({ a: [3, 10], b: [3, 10], c: [3, 10] });
    const typed: TypedLine = {
      slot: 'main',
      athleteId: 'c',
      exerciseId: CALF.exerciseId,
      row: CALF.row,
      dose: { ...CALF.dose, sets: 6, amount: 4 },
    };
    expect(told(views([CALF], athletes, { tracks }, [typed]))).toMatchObject({
      b: 'squad calf-raise-one-leg 3x10',
      c: 'typed calf-raise-one-leg 6x4',
    });
    const all = { ...CALF, typed: true, dose: { ...CALF.dose, sets: 5, amount: 4 } };
    expect(new Set(Object.values(told(views([all], athletes, { tracks }))))).toEqual(
      new Set(['squad calf-raise-one-leg 5x4']),
    );
  });

  it('what was begun stays as it was begun', () => {
    const { athletes, tracks } = calves({ a: [3, 10], b: [3, 10], c: [3, 10] });
    const written = { ...CALF.dose, sets: 4, amount: 12 };
    const begun = {
      [begunKey('main', 'c')]: { exerciseId: CALF.exerciseId, row: CALF.row, written, based: written, eased: [] },
    };
    expect(views([CALF], athletes, { tracks, begun }).find(({ athleteId }) => athleteId === 'c')).toMatchObject({
      begun: true,
      dose: written,
    });
  });
});
