import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { ALONE, dose } from '../../../tests/fixtures';
import { getExercise } from '../library';
import { rampKindOf } from '../session';
import {
  checkPairs,
  groupLines,
  layOut,
  primeMovers,
  rampSeconds,
  setSeconds,
  workSeconds,
  type Room,
  type TimedLine,
} from '.';

const line = (
  slot: string,
  id: string,
  own: Parameters<typeof dose>[0] = {},
  group: string | null = null,
): TimedLine => ({
  slot,
  block: 'main',
  group,
  exercise: getExercise(LIBRARY, id),
  dose: dose(own),
});
const { settings } = METHOD;

describe('the clock', () => {
  test.each([
    ['reps', 'back-squat', { sets: 3, amount: 5 }, 20],
    ['per side counts both', 'split-squat', { amount: 8, per: 'side' as const }, 56],
    ['seconds are seconds', 'plank', { amount: 30, unit: 'seconds' as const }, 30],
    ['minutes are sixty of them', 'walk-and-breathe', { sets: 1, amount: 5, unit: 'minutes' as const }, 300],
  ])('work of one set: %s', (_name, id, own, expected) => {
    expect(workSeconds(getExercise(LIBRARY, id), dose(own))).toBe(expected);
  });

  it('a line alone: sets with their set-up and the rest between them', () => {
    const squat = getExercise(LIBRARY, 'back-squat');
    const { totalS, beats } = layOut(
      [line('main', 'back-squat', { sets: 3, amount: 5, restSeconds: 120 })],
      ALONE,
      settings,
    );
    const set = squat.setUpSeconds + 5 * squat.secondsPerRep;
    // the rest begins when the set ends; the next set's set-up follows it
    expect(totalS).toBe(3 * set + 2 * 120);
    expect(beats.main?.map((beat) => beat.startS)).toEqual([12, 12 + 152, 12 + 304]);
  });

  it('in a pair the partner works inside the rest', () => {
    const alone = layOut([line('main', 'back-squat', { restSeconds: 120 })], ALONE, settings).totalS;
    const pair = layOut(
      [
        line('main', 'back-squat', { restSeconds: 120 }, 'A'),
        line('trunk', 'side-plank', { amount: 20, unit: 'seconds', per: 'side', restSeconds: 30 }, 'A'),
      ],
      ALONE,
      settings,
    );
    expect(pair.totalS).toBeLessThan(alone + 3 * 60);
    const [squat, plank] = [pair.beats.main!, pair.beats.trunk!];
    for (let i = 0; i < 3; i++) expect(plank[i]!.startS).toBeGreaterThan(squat[i]!.startS);
    for (let i = 0; i < 2; i++)
      expect(squat[i + 1]!.startS).toBeGreaterThanOrEqual(squat[i]!.startS + squat[i]!.durationS + 120);
  });

  it('parts of a complex are one set: set up once, straight on, and the longest rest after the last (DOSE-9)', () => {
    const parts = [
      line('a', 'landmine-row', { sets: 3, amount: 5, restSeconds: 60 }, 'complex-a'),
      line('b', 'landmine-rotation', { sets: 3, amount: 5, restSeconds: 90 }, 'complex-a'),
    ];
    const [row, turn] = parts.map(({ exercise, dose: of }) => workSeconds(exercise, of)) as [number, number];
    const { totalS, beats } = layOut(parts, ALONE, settings);
    expect(totalS).toBe(3 * (parts[0]!.exercise.setUpSeconds + row + turn) + 2 * 90);
    beats.a?.forEach((beat, i) => {
      expect(beats.b?.[i]?.startS).toBe(beat.startS + row);
    });
  });

  it('parts of a complex may share a prime mover, a pair may not (ORD-3)', () => {
    const both = (group: string) =>
      checkPairs([line('a', 'push-up', {}, group), line('b', 'strict-press', {}, group)], settings).length;
    expect([both('pair-a'), both('complex-a')]).toEqual([1, 0]);
  });

  it('a longer partner goes on alone', () => {
    const { beats } = layOut(
      [line('a', 'back-squat', { sets: 2 }, 'A'), line('b', 'plank', { sets: 4, amount: 20, unit: 'seconds' }, 'A')],
      ALONE,
      settings,
    );
    expect(beats.a).toHaveLength(2);
    expect(beats.b).toHaveLength(4);
  });

  it('moves on by a transition between groups and keeps blocks in one piece', () => {
    const { blocks, totalS } = layOut(
      [line('a', 'back-squat', { sets: 1 }), line('b', 'plank', { sets: 1, amount: 20, unit: 'seconds' })],
      ALONE,
      settings,
    );
    expect(blocks).toHaveLength(1);
    expect(blocks[0]).toMatchObject({ startS: 0, endS: totalS });
    expect(layOut([], ALONE, settings)).toMatchObject({ totalS: 0, blocks: [] });
  });

  it('never lets two sets of one group overlap, and never goes back', () => {
    const ids = ['back-squat', 'side-plank', 'one-arm-row', 'split-squat', 'pogo'];
    const lines = fc.array(
      fc.record({
        id: fc.constantFrom(...ids),
        sets: fc.integer({ min: 1, max: 5 }),
        rest: fc.integer({ min: 0, max: 180 }),
        group: fc.constantFrom('A', 'B', null),
      }),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(lines, (drawn) => {
        const card = drawn.map((one, i) => line(`s${i}`, one.id, { sets: one.sets, restSeconds: one.rest }, one.group));
        const { beats, totalS } = layOut(card, ALONE, settings);
        const all = Object.values(beats)
          .flat()
          .sort((a, b) => a.startS - b.startS);
        all.slice(1).forEach((beat, i) => {
          expect(beat.startS).toBeGreaterThanOrEqual(all[i]!.startS + all[i]!.durationS - 1e-9);
        });
        expect(totalS).toBeGreaterThanOrEqual(all.at(-1)!.startS + all.at(-1)!.durationS - 1e-9);
        expect(all).toHaveLength(drawn.reduce((sum, one) => sum + one.sets, 0));
      }),
      { seed: 21, numRuns: 80 },
    );
  });
});

describe('pairs', () => {
  it('puts lines of one group together and no others', () => {
    const groups = groupLines([{ group: null }, { group: 'A' }, { group: 'A' }, { group: null }, { group: 'B' }]);
    expect(groups.map((group) => group.length)).toEqual([1, 2, 1, 1]);
  });

  it('names the mover that two of a pair share', () => {
    const shared = checkPairs([line('a', 'back-squat', {}, 'A'), line('b', 'split-squat', {}, 'A')], settings);
    expect(shared).toMatchObject([{ code: 'pair_shares_mover', facts: { muscle: 'quadriceps' } }]);
    expect(checkPairs([line('a', 'back-squat', {}, 'A'), line('b', 'side-plank', {}, 'A')], settings)).toEqual([]);
    expect(checkPairs([line('a', 'back-squat'), line('b', 'split-squat')], settings)).toEqual([]);
  });

  it('in a circuit only neighbours tire each other', () => {
    const round = (ids: readonly string[]) =>
      checkPairs(
        ids.map((id, i) => line(`s${String(i)}`, id, {}, 'A')),
        settings,
      );
    expect(round(['back-squat', 'one-arm-row', 'split-squat', 'push-up'])).toEqual([]);
    expect(round(['back-squat', 'split-squat', 'one-arm-row', 'push-up'])).toHaveLength(1);
    expect(round(['back-squat', 'one-arm-row', 'split-squat'])).toHaveLength(1);
  });

  it('calls a mover prime from a quarter of the work', () => {
    expect(primeMovers(getExercise(LIBRARY, 'back-squat'), settings)).toEqual(['quadriceps', 'glutes']);
  });
});

describe('the way to a main lift (ORD-7)', () => {
  const room = (own: Partial<Room> = {}): Room => ({ present: 14, racks: 4, knows: () => true, ...own });
  const squat = (own: Parameters<typeof dose>[0] = {}, slot = 'main', id = 'back-squat') =>
    line(slot, id, { sets: 3, amount: 5, rir: 2, restSeconds: 150, ...own });
  const setUp = getExercise(LIBRARY, 'back-squat').setUpSeconds;
  const bell = getExercise(LIBRARY, 'goblet-squat').setUpSeconds;

  test.each([
    ['four sets for the four at a rack', squat(), room(), 4 * (30 + setUp) * 4],
    ['three at a rack', squat(), room({ present: 12 }), 4 * (30 + setUp) * 3],
    ['never more than four', squat(), room({ present: 60 }), 4 * (30 + setUp) * 4],
    ['nobody waits alone', squat(), room({ present: 1, racks: 5 }), 4 * (30 + setUp)],
    ['a load to be found takes five', squat(), room({ knows: () => false }), 5 * (30 + setUp) * 4],
    ['a light working set only the light ones', squat({ percent: 0.5 }), room(), 2 * (30 + setUp) * 4],
    ['bells are picked up side by side', squat({}, 'main-2', 'goblet-squat'), room(), 4 * (30 + bell)],
    ['no main lift: its one set is done in the change over', squat({}, 'single-leg'), room(), 0],
    ['nor is its load looked for', squat({}, 'single-leg'), room({ knows: () => false }), 0],
    ['nothing to load', squat({}, 'main', 'push-up'), room(), 0],
    ['no reserve written: it is no lift to a load', squat({ rir: null }), room(), 0],
  ])('%s', (_name, one, where, seconds) => {
    expect(rampSeconds(one, rampKindOf(one.slot, [one]), where, settings)).toBe(seconds);
  });

  it('is shorter for a second main lift, for who is warm: not where it stands alone', () => {
    const [first, second] = [squat(), squat({}, 'main-2', 'deadlift')];
    const each = (30 + second.exercise.setUpSeconds) * 4;
    expect(layOut([first, second], room(), settings).ramps['main-2']?.durationS).toBe(2 * each);
    expect(layOut([second], room(), settings).ramps['main-2']?.durationS).toBe(4 * each);
  });

  it('stands before the first set on the clock', () => {
    const { ramps, beats, totalS } = layOut([squat()], room(), settings);
    const plain = layOut([squat()], { ...ALONE, present: 0 }, settings);
    expect(ramps.main).toEqual({ startS: 0, durationS: 4 * (30 + setUp) * 4 });
    expect(beats.main?.[0]?.startS).toBe(ramps.main!.durationS + setUp);
    expect(totalS - ramps.main!.durationS).toBe(plain.totalS - (plain.ramps.main?.durationS ?? 0));
  });

  it('rests at the rack as long as the others lift, where that is longer (FLOOR-1)', () => {
    const short = squat({ restSeconds: 30 });
    const set = setSeconds(short.exercise, short.dose);
    const { beats, turns } = layOut([short], room(), settings);
    expect(turns).toEqual({ main: 3 * (set + settings.time.switchS) });
    expect(layOut([squat({ restSeconds: 600 })], room(), settings).turns).toEqual({});
    const [first, second] = beats.main!;
    expect(second!.startS - first!.startS - first!.durationS - setUp).toBe(3 * (set + settings.time.switchS));
    const assistance = layOut([{ ...short, slot: 'single-leg' }], room(), settings).beats['single-leg']!;
    expect(assistance[1]!.startS - assistance[0]!.startS - assistance[0]!.durationS - setUp).toBe(30);
  });
});
