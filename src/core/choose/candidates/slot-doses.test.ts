import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { roundsOf } from '../../dose';
import { getExercise, type Phase } from '../../library';
import type { DoseRowId } from '../../method';
import { athlete, brief, dose, trackOf } from '../../../../tests/fixtures';
import { runningKey, type Brief, type Running } from '../brief';
import { makeContext } from '../context';
import { slotDoses, type SlotDose } from './slot-doses';
import { takesRow } from './takes-row';

const dosesOf = (slotId: string, id: string, row: DoseRowId, over: Partial<Brief> = {}): SlotDose[] => {
  const slot = METHOD.templates.full!.slots.find((one) => one.id === slotId)!;
  const context = makeContext(brief({ events: [], athletes: [athlete()], ...over }), LIBRARY, METHOD);
  return slotDoses(getExercise(LIBRARY, id), row, slot, context);
};
const offered = (slotId: string, id: string, row: DoseRowId, over: Partial<Brief> = {}): string[] =>
  dosesOf(slotId, id, row, over).map(({ dose: { sets, amount } }) => `${String(sets)}x${String(amount)}`);
const restOf = (slotId: string, id: string, row: DoseRowId): (number | null)[] =>
  dosesOf(slotId, id, row).map(({ dose }) => dose.restSeconds);
const running = (key: string, sets: number, amount: number, over: Partial<Running> = {}): Partial<Brief> => ({
  running: { ...brief().running, doses: { [key]: dose({ sets, amount }) }, ...over },
});

describe('the doses a slot offers', () => {
  const KEY = runningKey('pull-up', 'D-ASST');
  const from = dose({ sets: 3, amount: 8 });
  const votes = { up: 3, down: 0, answered: 3, did: 3 };

  it('what runs, and with fewest sets so that time can be found; not where the set was just earned', () => {
    expect(offered('upper-pull', 'pull-up', 'D-ASST', running(KEY, 4, 8))).toEqual(['4x8', '2x8']);
    const up = { kind: 'set-up', from, to: { ...from, sets: 4 }, votes } as const;
    expect(offered('upper-pull', 'pull-up', 'D-ASST', running(KEY, 4, 8, { steps: { [KEY]: up } }))).toEqual(['4x8']);
    const more = { kind: 'amount-up', from, to: { ...from, amount: 9 }, votes } as const;
    expect(offered('upper-pull', 'pull-up', 'D-ASST', running(KEY, 3, 9, { steps: { [KEY]: more } }))).toEqual([
      '3x9',
      '2x9',
    ]);
  });

  it('a hold pyramid is rounds of eight seconds, in its own row and its own phases alone (D-PYR)', () => {
    const rounds = dosesOf('main-trunk', 'hold-pyramid', 'D-PYR', { phase: 'general' }).map(({ dose: one }) => [
      roundsOf(one),
      one.amount,
    ]);
    expect(rounds.length).toBeGreaterThan(0);
    for (const [holds, seconds] of rounds)
      expect([
        [
          [5, 3, 1],
          [5, 3],
        ],
        seconds,
      ]).toEqual([expect.arrayContaining([holds]), 8]);
    const rowsOf = (id: string, phase: Phase): DoseRowId[] =>
      (['D-TRK', 'D-STAB', 'D-ISO', 'D-PYR'] as const).filter((row) =>
        takesRow(getExercise(LIBRARY, id), row, phase, METHOD),
      );
    expect(rowsOf('hold-pyramid', 'general')).toEqual(['D-PYR']);
    expect(rowsOf('hold-pyramid', 'in-season')).toEqual([]);
    expect(rowsOf('side-plank', 'general')).toEqual(['D-TRK', 'D-STAB', 'D-ISO']);
  });

  it('a throw that does not run begins at its fewest reps, whatever was owned; one that runs goes on', () => {
    const reps = (over: Partial<Brief>) =>
      new Set(offered('throw', 'medicine-ball-slam', 'D-BAL', over).map((text) => text.split('x')[1]));
    expect(reps({})).toEqual(new Set(['3']));
    const owned = trackOf('medicine-ball-slam', 'D-BAL', dose({ sets: 4, amount: 5 }));
    expect(reps({ tracks: { [athlete().id]: [owned] } })).toEqual(new Set(['3']));
    expect(reps({ tracks: { [athlete().id]: [owned] }, own: true })).toEqual(new Set(['5']));
    expect(reps(running(runningKey('medicine-ball-slam', 'D-BAL'), 4, 5))).toEqual(new Set(['5']));
  });

  it('winds down for the level’s minutes or the fewest, whatever was done last', () => {
    const minutes = (over: Partial<Brief>) => offered('cool-down', 'slow-opener-round', 'D-COOL', over);
    expect(minutes({})).toEqual(['1x7', '1x5']);
    expect(minutes(running(runningKey('slow-opener-round', 'D-COOL'), 1, 10))).toEqual(['1x7', '1x5']);
  });

  it('a main lift is never one set alone where its row has two, save for who is to be cautious (ORD-7)', () => {
    expect(offered('main', 'back-squat', 'D-MICRO')).toEqual(['2x3']);
    expect(restOf('main', 'back-squat', 'D-MICRO')).toEqual([120]);
    expect(offered('main', 'back-squat', 'D-MICRO', { athletes: [athlete({ caution: 'sets' })] })).toEqual(['1x3']);
  });
});
