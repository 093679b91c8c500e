import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { ALONE, brief, dose } from '../../../tests/fixtures';
import { formatAmount, formatDose, parseDose } from '../exchange';
import { contactsOf } from '../jumps';
import { layOut } from '../order';
import { getExercise } from '../library';
import {
  checkPercent,
  chooseDose,
  hardSets,
  implementLoad,
  loadable,
  plateChange,
  prescribeLoad,
  roundSeconds,
  stepPyramid,
  type Dose,
} from '.';

const kit = brief().place.loading;
const squat = getExercise(LIBRARY, 'back-squat');

describe('loads', () => {
  it('never rounds up and always finds a load the plates can make', () => {
    const plates = fc
      .uniqueArray(fc.constantFrom(25, 20, 15, 10, 5, 2.5, 1.25), { minLength: 1 })
      .chain((masses) =>
        fc.tuple(
          ...masses.map((mass) => fc.record({ mass: fc.constant(mass), count: fc.integer({ min: 0, max: 3 }) })),
        ),
      );
    fc.assert(
      fc.property(plates, fc.double({ min: 20, max: 250, noNaN: true }), (pairs, target) => {
        const result = loadable(target, { bar: 20, pairs });
        const sums = pairs
          .reduce<number[]>(
            (all, { mass, count }) => all.flatMap((s) => Array.from({ length: count + 1 }, (_, n) => s + n * mass)),
            [0],
          )
          .map((s) => 20 + 2 * s);
        expect(result.ok && result.value).toBeCloseTo(Math.max(...sums.filter((s) => s <= target + 1e-6)), 6);
      }),
      { seed: 11, numRuns: 60 },
    );
  });

  test.each([
    ['dumbbell', 15, 12],
    ['kettlebell', 99, 28],
    ['landmine', 12.5, 12.5],
  ] as const)('%s at %d kg', (kind, target, expected) => {
    expect(implementLoad(target, kind, kit)).toEqual({ ok: true, value: expected });
  });

  it('says what plates change', () => {
    expect(plateChange(82.5, 70, kit.barbell)).toEqual({ off: [10, 1.25], on: [5] });
    expect(plateChange(60, 60, kit.barbell)).toEqual({ off: [], on: [] });
  });

  it('takes % from reps and RIR, inside the row and the youth limit', () => {
    const row = METHOD.doses['D-MAX'];
    const grown = prescribeLoad(
      dose({ rir: 1, amount: 3 }),
      squat,
      row,
      { e1rmKg: 100, ageYears: 24, below: null },
      kit,
      METHOD,
    );
    expect(grown.dose).toMatchObject({ percent: 0.88, loadKg: 87.5 });
    const young = prescribeLoad(
      dose({ rir: 1, amount: 3 }),
      squat,
      row,
      { e1rmKg: 100, ageYears: 15, below: null },
      kit,
      METHOD,
    );
    expect(young.dose).toMatchObject({ percent: 0.8, loadKg: 80 });
    expect(
      prescribeLoad(dose({ rir: 2 }), squat, row, { e1rmKg: null, ageYears: 20, below: null }, kit, METHOD).reason
        ?.code,
    ).toBe('load_to_be_found');
    expect(
      prescribeLoad(dose({ rir: 2, amount: 5 }), squat, row, { e1rmKg: 20, ageYears: 20, below: null }, kit, METHOD)
        .reason?.code,
    ).toBe('load_below_bar');
  });
});

describe('doses', () => {
  it('starts at the bottom of a row and ends at its top', () => {
    const at = (level: 'bottom' | 'top') =>
      chooseDose(METHOD.doses['D-MAINT'], squat, null, level, METHOD.settings, 'full');
    expect(at('bottom')).toMatchObject({ sets: 2, rir: 4 });
    expect(at('top')).toMatchObject({ sets: 3, amount: 4, rir: 2 });
    expect(chooseDose(METHOD.doses['D-SLED'], squat, null, 'top', METHOD.settings, 'full')).toBeNull();
  });

  it('warns of a % that reps and reserve do not allow', () => {
    expect(checkPercent(dose({ amount: 5, rir: 2, percent: 0.9 }), METHOD)?.code).toBe('percent_above_reps');
    expect(checkPercent(dose({ amount: 5, rir: 2, percent: 0.8 }), METHOD)).toBeNull();
  });

  it('counts hard sets: no jumps, no prep, nothing with much left', () => {
    const count = (id: string, row: 'D-MAINT' | 'D-SLOW' | 'D-PREP', own: object) =>
      hardSets(dose(own), getExercise(LIBRARY, id), METHOD.doses[row], METHOD);
    expect(count('back-squat', 'D-MAINT', { rir: 3 })).toBe(3);
    expect(count('back-squat', 'D-MAINT', { rir: 5 })).toBe(0);
    expect(count('countermovement-jump', 'D-SLOW', {})).toBe(0);
    expect(count('inchworm', 'D-PREP', {})).toBe(0);
  });
});

describe('a dose as text', () => {
  const current = dose({ rir: 2, percent: 0.78, loadKg: 80 });
  test.each([
    ['4x6', { sets: 4, amount: 6, rir: 2 }],
    ['3 × 8 /side · rest 1:15', { sets: 3, amount: 8, per: 'side', restSeconds: 75 }],
    ['3 x 30 s /side', { amount: 30, unit: 'seconds', per: 'side' }],
    ['6*20 m', { sets: 6, amount: 20, unit: 'metres' }],
    ['3x5 82,5 kg', { loadKg: 82.5, percent: null }],
    ['3x5 100 lb', { percent: null }],
    ['3x5 75 % RIR 1 3 down', { percent: 0.75, rir: 1, tempo: '3 down' }],
    ['3x8/side 60s 70% 3down', { per: 'side', restSeconds: 60, percent: 0.7, tempo: '3down' }],
    ['3 × 30 s / 30 s', { amount: 30, unit: 'seconds', restSeconds: 30 }],
    ['5x20m', { amount: 20, unit: 'metres' }],
    ['4x6 1:30', { restSeconds: 90 }],
    ['3x8/leg, 24 kg, 2 min', { per: 'side', loadKg: 24, restSeconds: 120 }],
    ['5-3-1 (8 on/4 off)', { sets: 3, amount: 8, unit: 'seconds', pyramid: { holds: [5, 3, 1], offS: 4 } }],
    [
      '5-3-1 x 8s on 4s off /side 45s',
      { sets: 3, per: 'side', pyramid: { holds: [5, 3, 1], offS: 4 }, restSeconds: 45 },
    ],
    ['3x10 45"', { amount: 10, unit: 'reps', restSeconds: 45 }],
  ])('%s', (text, expected) => {
    const result = parseDose(text, current, 'kg');
    expect(result).toMatchObject({ ok: true, value: expected });
  });

  test.each([
    ['4 x', 'dose_unreadable'],
    ['', 'dose_unreadable'],
    ['3 x 500', 'number_too_large'],
    ['3x5 -20 kg', 'number_not_positive'],
    ['0 x 5', 'number_not_positive'],
    ['3x5 hard', 'part_unreadable'],
    ['2.5 x 5', 'sets_not_whole'],
    ['3x5 RIR -1', 'number_not_positive'],
    ['3 x 4.5', 'reps_not_whole'],
    ['3 x 5 rir 1.5', 'rir_not_whole'],
    ['x5', 'dose_unreadable'],
    ['3x8@130%', 'number_too_large'],
    ['3 x 8 900 kg', 'number_too_large'],
    ['5-3-1', 'dose_unreadable'],
    ['25-3-1 (8 on/4 off)', 'number_too_large'],
    ['5-0-1 (8 on/4 off)', 'number_not_positive'],
  ])('%j is refused with %s', (text, code) => {
    const result = parseDose(text, current, 'kg');
    expect(result.ok ? [] : result.issues.map((i) => i.code)).toContain(code);
  });

  it('reads back as it is written', () => {
    const anyDose = fc.record({
      sets: fc.integer({ min: 1, max: 20 }),
      amount: fc.integer({ min: 1, max: 60 }),
      unit: fc.constantFrom('reps' as const, 'seconds' as const, 'metres' as const),
      per: fc.constantFrom('side' as const, 'direction' as const, null),
      percent: fc.constant(null),
      loadKg: fc.option(fc.integer({ min: 2, max: 1000 }).map((n) => n / 4)),
      rir: fc.option(fc.integer({ min: 0, max: 10 })),
      restSeconds: fc.option(fc.integer({ min: 0, max: 900 })),
      tempo: fc.constantFrom(null, '3 down', 'slow'),
    });
    fc.assert(
      fc.property(anyDose, (d) => {
        expect(parseDose(formatDose(d, 'kg'), d, 'kg')).toEqual({ ok: true, value: d });
      }),
      { seed: 5, numRuns: 200 },
    );
  });
});

describe('a hold pyramid (D-PYR)', () => {
  const pyramid = parseDose('5-3-1 (8 on/4 off) /side', dose({ restSeconds: 30 }), 'kg');
  const held = pyramid.ok ? pyramid.value : dose();

  it('reads back as it is written, and is none once another dose is typed over it', () => {
    expect(formatDose(held, 'kg')).toBe('5-3-1 × (8 s on / 4 s off) /side · rest 0:30');
    expect(parseDose(formatDose(held, 'kg'), held, 'kg')).toEqual({ ok: true, value: held });
    expect(parseDose('3 x 20 s', held, 'kg')).toMatchObject({ ok: true, value: { sets: 3, amount: 20 } });
    expect(parseDose('3 x 20 s', held, 'kg')).not.toHaveProperty('value.pyramid');
  });

  it('takes the time of its holds and of what is let go between them, round by round', () => {
    // 5 × 8 + 4 × 4, 3 × 8 + 2 × 4, 8
    expect([0, 1, 2].map((round) => roundSeconds(held, round))).toEqual([56, 32, 8]);
    expect(roundSeconds(held)).toBe(32);
    expect(roundSeconds({ ...held, sets: 2 })).toBe(44);
  });

  it('goes a hold up or down in every round, never to none', () => {
    expect(stepPyramid(held, 1)?.pyramid?.holds).toEqual([6, 4, 2]);
    expect(stepPyramid(stepPyramid(held, 1)!, -1)).toEqual(held);
    expect(stepPyramid(held, -1)).toBeNull();
    expect(stepPyramid(dose(), 1)).toBeNull();
    // more than a step comes to was typed: it stands, and may go down
    const long = { ...held, pyramid: { holds: [12, 6, 2], offS: 4 } };
    expect(stepPyramid(long, 1)).toBeNull();
    expect(stepPyramid(long, -1)?.pyramid?.holds).toEqual([11, 5, 1]);
  });
});

describe('a dose typed over another', () => {
  const current = dose({ rir: 2, percent: 0.78, loadKg: 80 });
  const read = (text: string) => {
    const parsed = parseDose(text, current, 'kg');
    return parsed.ok ? parsed.value : null;
  };
  it('takes commas between its parts and inside a number', () => {
    expect(read('3x5, 82.5kg')).toMatchObject({ sets: 3, amount: 5, loadKg: 82.5, percent: null });
    expect(read('3 x 5, 82,5 kg, rest 2:00')).toMatchObject({ loadKg: 82.5, restSeconds: 120 });
  });
  it('drops a load that was of other reps, another % or another reserve', () => {
    expect(read('3x5 60%')).toMatchObject({ percent: 0.6, loadKg: null });
    expect(read('3x12')).toMatchObject({ loadKg: null });
    expect(read('3x5 RIR 4')).toMatchObject({ loadKg: null });
    expect(read('3x5 rest 2:00')).toMatchObject({ loadKg: 80 });
  });
});

describe('how a set goes over its sides (DOSE-8)', () => {
  const current = dose({ amount: 8, per: 'side', restSeconds: 60 });
  const read = (text: string, of: Dose = current) => parseDose(text, of, 'kg');

  test.each([
    ['3x8/side alternating', '3 × 8 /side alternating · rest 1:00', 'alternate'],
    ['3x8 alt', '3 × 8 /side alternating · rest 1:00', 'alternate'],
    ['3 × 8 /side, rest between sides, 90 s', '3 × 8 /side, rest between sides · rest 1:30', 'apart'],
    ['4x8 one side a set', '4 × 8 /side, rest between sides · rest 1:00', 'apart'],
    ['2x40s change at half time', '2 × 40 s, sides change at half · rest 1:00', 'half'],
  ] as const)('%s', (text, echo, sides) => {
    const typed = read(text);
    expect(typed).toMatchObject({ ok: true, value: { sides, per: 'side' } });
    if (!typed.ok) return;
    expect(formatDose(typed.value, 'kg')).toBe(echo);
    expect(read(echo, typed.value)).toEqual(typed);
  });

  test.each([
    [dose({ amount: 8, per: 'side', sides: 'apart' }), '8 /side'],
    [dose({ amount: 40, unit: 'seconds', per: 'side', sides: 'half' }), '40 s'],
    [dose({ amount: 5 }), '5'],
  ])('a hall calls one set: %#', (of, words) => {
    expect(formatAmount(of)).toBe(words);
  });

  it('stays until another is typed, and half of a set goes with its time', () => {
    const alternating: Dose = { ...current, sides: 'alternate' };
    expect(read('4x6', alternating)).toMatchObject({ value: { amount: 6, sides: 'alternate' } });
    expect(read('4x6 each side in turn', alternating)).not.toHaveProperty('value.sides');
    const half: Dose = { ...current, amount: 40, unit: 'seconds', sides: 'half' };
    expect(read('3x8 reps', half)).not.toHaveProperty('value.sides');
    expect(read('2x30s/side', half)).not.toHaveProperty('value.sides');
    const flat = read('4x6', { ...alternating, per: null });
    expect([flat.ok, flat.ok && flat.value.sides]).toEqual([true, undefined]);
  });

  test.each([
    ['3x8 change at half', current, 'half_needs_time'],
    ['5-3-1 (8 on/4 off) change at half', current, 'half_needs_time'],
    ['3x8 alternating', dose({ amount: 8 }), 'no_sides'],
  ])('%s is refused where it says nothing', (text, of, code) => {
    expect(read(text, of)).toMatchObject({ ok: false, issues: [{ code }] });
  });

  const timed = dose({ sets: 2, amount: 40, unit: 'seconds', per: 'side', restSeconds: 60 });
  const hop = getExercise(LIBRARY, 'line-hops-two-feet');
  const lie = getExercise(LIBRARY, 'side-plank');
  // 2 sets with their set-up and the rest between them, over 40 s a side
  test.each([
    [undefined, 2 * 80 + 60, 2],
    ['alternate', 2 * 80 + 60, 2],
    ['apart', 2 * (80 + 60) + 60, 2],
    ['half', 2 * 40 + 60, 1],
  ] as const)('time and landings go by it: %s', (sides, seconds, amounts) => {
    const planned: Dose = sides ? { ...timed, sides } : timed;
    const line = { slot: 'trunk', block: 'trunk', group: null, exercise: lie, dose: planned };
    const { totalS, beats } = layOut([line], ALONE, METHOD.settings);
    expect(totalS).toBe(seconds + 2 * lie.setUpSeconds);
    expect(beats.trunk?.length).toBe(sides === 'apart' ? 4 : 2);
    const once = contactsOf(hop, { ...timed, per: null }, METHOD.settings).raw;
    expect(contactsOf(hop, planned, METHOD.settings).raw).toBe(once * amounts);
  });
});
