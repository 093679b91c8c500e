import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief, dose } from '../../../tests/fixtures';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { checkPercent, chooseDose, doseLevelFor, implementLoad, nextLoadUp, prescribeLoad } from '.';

const { settings } = METHOD;
const kit = brief().place.loading;
const chosen = (
  id: string,
  row: DoseRowId,
  level: 'bottom' | 'middle' | 'top',
  rest: 'full' | 'dense' | 'self-paced',
) => chooseDose(METHOD.doses[row], getExercise(LIBRARY, id), null, level, settings, rest);

describe('a dose from its row', () => {
  test.each([
    ['back-squat', 'D-STR', 'bottom', [3, 15, 4, 90]],
    ['back-squat', 'D-STR', 'middle', [3, 10, 3, 90]],
    ['back-squat', 'D-STR', 'top', [4, 8, 2, 90]],
    ['back-squat', 'D-MAX', 'bottom', [3, 6, 3, 195]],
    ['back-squat', 'D-MAX', 'middle', [4, 4, 2, 195]],
    ['back-squat', 'D-MAX', 'top', [5, 3, 1, 195]],
    ['back-squat', 'D-MAINT', 'middle', [2, 6, 3, 105]],
    // a coach's range, narrower than the row's; late in a block fewer reps and less in reserve
    ['single-leg-squat-box', 'D-ASST', 'bottom', [2, 10, 3, 60]],
    ['single-leg-squat-box', 'D-ASST', 'top', [4, 6, 2, 60]],
    // eccentric work begins with the fewest (SAFE-10), fast work too
    ['step-down-decelerated', 'D-ECC', 'bottom', [2, 3, 3, 135]],
    ['step-down-decelerated', 'D-ECC', 'top', [4, 10, 2, 135]],
    ['countermovement-jump', 'D-SLOW', 'bottom', [3, 3, null, 90]],
    ['countermovement-jump', 'D-SLOW', 'middle', [4, 4, null, 90]],
    ['countermovement-jump', 'D-SLOW', 'top', [5, 6, null, 90]],
    ['side-plank', 'D-TRK', 'bottom', [2, 15, null, 45]],
    ['side-plank', 'D-TRK', 'top', [3, 40, null, 45]],
    // a single set has nothing to rest between
    ['inchworm', 'D-PREP', 'top', [1, 8, null, null]],
  ] as const)('%s, %s, %s', (id, row, level, [sets, amount, rir, restSeconds]) => {
    expect(chosen(id, row, level, 'full')).toMatchObject({ sets, amount, rir, restSeconds });
  });

  it('rests jumps by the school: a fixed short while, when ready, or five times the work within its range', () => {
    expect(chosen('countermovement-jump', 'D-SLOW', 'top', 'dense')?.restSeconds).toBe(45);
    expect(chosen('countermovement-jump', 'D-SLOW', 'top', 'self-paced')?.restSeconds).toBeNull();
    // 15 s of hops on each leg, times five, is 150 s; on two legs 75 s are less than the least of 90
    const hops = getExercise(LIBRARY, 'banded-crossing-hops');
    const rest = (seconds: number, per: 'side' | null) =>
      chooseDose(
        { ...METHOD.doses['D-FAST'], amounts: { seconds: [seconds, seconds] } },
        { ...hops, doseUnit: 'seconds', per },
        null,
        'top',
        settings,
        'full',
      )?.restSeconds;
    expect([rest(15, 'side'), rest(15, null), rest(60, 'side')]).toEqual([150, 90, 180]);
    const landings = (contactsPerRep: number) =>
      chooseDose(
        { ...METHOD.doses['D-FAST'], amounts: { reps: [10, 10] } },
        { ...hops, doseUnit: 'reps', per: null, plyo: hops.plyo && { ...hops.plyo, contactsPerRep } },
        null,
        'top',
        settings,
        'full',
      )?.restSeconds;
    expect([landings(1), landings(2)]).toEqual([90, 150]);
  });

  test.each([
    ['walking-lunge', 'D-ASST', 'alternate'],
    ['power-skip', 'D-SLOW', 'alternate'],
    // one leg at a time; one way and then the other; nothing to change
    ['split-squat', 'D-ASST', undefined],
    ['suitcase-carry', 'D-SLED', undefined],
    ['back-squat', 'D-STR', undefined],
  ] as const)('what steps from leg to leg alternates (DOSE-8): %s', (id, row, sides) => {
    expect(chosen(id, row, 'middle', 'full')?.sides).toBe(sides);
  });

  it('lets a rung’s own range go before the row’s', () => {
    const rung = { sets: [1, 2], amount: [4, 6] } as never;
    const own = chooseDose(METHOD.doses['D-MAX'], getExercise(LIBRARY, 'back-squat'), rung, 'top', settings, 'full');
    expect(own).toMatchObject({ sets: 2, amount: 4 });
  });

  test.each([
    ['foundation', true, 3, 'blocks', 2, 'bottom'],
    ['trained', false, 3, 'blocks', 2, 'bottom'],
    ['trained', true, 2, 'blocks', 2, 'middle'],
    ['trained', true, 3, 'blocks', 2, 'top'],
    ['trained', true, 4, 'straight-line', 2, 'middle'],
    ['trained', true, 1, 'daily waves', 2, 'top'],
    ['trained', true, 1, 'daily waves', 3, 'middle'],
  ] as const)('%s, known %s, week %d of %s on weekday %d: %s', (level, known, week, loading, day, expected) => {
    expect(doseLevelFor(level, known, week, loading, day)).toBe(expected);
  });
});

describe('a load for a dose', () => {
  const squat = getExercise(LIBRARY, 'back-squat');
  const known = { e1rmKg: 100, ageYears: 24, below: null };
  const load = (own: Parameters<typeof dose>[0], strength: Partial<typeof known> | { below: number } = {}) =>
    prescribeLoad(dose(own), squat, METHOD.doses['D-MAX'], { ...known, ...strength }, kit, METHOD);

  it('keeps to the row’s band, and under a day’s own share even where that is below the band', () => {
    // 6 reps and 3 left would be 77 %; 12 and 3 left are far under the band's foot
    expect(load({ amount: 12, rir: 3 }).dose.percent).toBe(0.77);
    expect(load({ amount: 1, rir: 0 }).dose.percent).toBe(0.88);
    expect(load({ amount: 3, rir: 1 }, { below: 0.7 }).dose.percent).toBe(0.7);
    expect(load({ amount: 12, rir: 3 }, { below: 0.7 }).dose.percent).toBeLessThan(0.7);
  });

  it('holds the young under 0.80 until the birthday', () => {
    expect(load({ amount: 3, rir: 1 }, { ageYears: 15.9 }).dose.percent).toBe(0.8);
    expect(load({ amount: 3, rir: 1 }, { ageYears: 16 }).dose.percent).toBe(0.88);
  });

  it('is to be found when nothing is known, and is not spoken of where none is meant', () => {
    expect(load({ amount: 3, rir: 1 }, { e1rmKg: null as never }).reason?.code).toBe('load_to_be_found');
    const jump = getExercise(LIBRARY, 'countermovement-jump');
    const none = prescribeLoad(dose({ rir: null, amount: 3 }), jump, METHOD.doses['D-SLOW'], known, kit, METHOD);
    expect(none).toEqual({ dose: dose({ rir: null, amount: 3 }), reason: null });
    // isometric holds of the same lift take no load by RIR
    expect(load({ unit: 'seconds', amount: 20, rir: 2 }).reason).toBeNull();
    expect(load({ amount: 25, rir: 2 }).reason).toBeNull();
  });

  it('warns of a % only past what reps and reserve allow and the tolerance', () => {
    const allowed = 1 / (1 + 7 / 30);
    const warned = (percent: number) => checkPercent(dose({ amount: 5, rir: 2, percent }), METHOD) !== null;
    expect([warned(allowed + 0.019), warned(allowed + 0.021)]).toEqual([false, true]);
    expect(checkPercent(dose({ unit: 'seconds', amount: 5, rir: 2, percent: 0.99 }), METHOD)).toBeNull();
  });

  it('finds the next load up for bar and bells, the smallest there is', () => {
    expect(nextLoadUp(60, 'barbell', kit)).toBe(62.5);
    expect(nextLoadUp(60, 'barbell', { ...kit, barbell: { bar: 20, pairs: [{ mass: 0.25, count: 90 }] } })).toBe(60.5);
    expect(nextLoadUp(12, 'dumbbell', { ...kit, bellsKg: [20, 12, 16] })).toBe(16);
    expect(nextLoadUp(20, 'dumbbell', { ...kit, bellsKg: [20, 12, 16] })).toBeNull();
    expect(nextLoadUp(120, 'barbell', { ...kit, barbell: { bar: 20, pairs: [{ mass: 25, count: 2 }] } })).toBeNull();
    expect(implementLoad(9, 'dumbbell', { ...kit, bellsKg: [20, 12, 16] })).toMatchObject({
      ok: false,
      issues: [{ code: 'below_bar', facts: { target: 9, bar: 12 } }],
    });
    // a landmine has no bar of its own to lift
    expect(implementLoad(16, 'dumbbell', { ...kit, bellsKg: [20, 12, 16] })).toEqual({ ok: true, value: 16 });
    expect(implementLoad(2.5, 'landmine', kit)).toEqual({ ok: true, value: 2.5 });
  });
});
