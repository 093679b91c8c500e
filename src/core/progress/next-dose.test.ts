import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose } from '../../../tests/fixtures';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { overlayTables } from '../method';
import { nextDose, type Answer, type Exposure } from '.';

const sets = (d: Dose, own: Partial<Exposure['sets'][number]> = {}) =>
  Array.from({ length: d.sets }, () => ({ amount: d.amount, loadKg: d.loadKg, rir: d.rir, fault: null, ...own }));
const exposure = (
  d: Dose,
  answer: Answer | null,
  own: Partial<Exposure> = {},
  place: string | null = null,
): Exposure => ({
  day: '2026-11-24',
  dose: d,
  sets: sets(d),
  response: answer && { answer, place, score: answer === 'pain' ? 5 : null },
  ...own,
});
const after = (
  id: string,
  row: DoseRowId,
  exposures: [Exposure, ...Exposure[]],
  own: { today?: string; tests?: object; method?: typeof METHOD } = {},
) =>
  nextDose(
    {
      exercise: getExercise(LIBRARY, id),
      row,
      athlete: athlete(own.tests ? { tests: own.tests } : {}),
      exposures,
      lastSession: exposures[0].day,
      today: own.today ?? '2026-11-25',
      kit: brief().place.loading,
    },
    LIBRARY,
    own.method ?? METHOD,
  );

const cmj = (own: Partial<Dose> = {}) => dose({ sets: 4, amount: 4, ...own });

describe('jumps and unloaded work', () => {
  it('fine and clean: one set more, then reps, then the next rung', () => {
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj(), 'fine')])).toMatchObject({
      kind: 'set-up',
      to: { dose: { sets: 5, amount: 4 } },
      rules: ['PROG-2'],
    });
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj({ sets: 5 }), 'fine')])).toMatchObject({
      kind: 'amount-up',
      to: { dose: { sets: 5, amount: 5 } },
    });
    const top = exposure(cmj({ sets: 5, amount: 6 }), 'fine');
    expect(after('countermovement-jump', 'D-SLOW', [top])).toBeNull();
    expect(after('countermovement-jump', 'D-SLOW', [top, top])).toMatchObject({
      kind: 'rung-up',
      to: { exerciseId: 'tuck-jump', dose: { sets: 3, amount: 3 } },
    });
    expect(after('countermovement-jump', 'D-SLOW', [top, top], { tests: {} })).toBeNull();
  });

  it('overly tight takes a set off, at the fewest a third of the reps, twice a rung', () => {
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj(), 'tight', {}, 'calf')])).toMatchObject({
      kind: 'set-down',
      to: { dose: { sets: 3 } },
      rules: ['PROG-4'],
    });
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj({ sets: 3, amount: 6 }), 'tight')])).toMatchObject({
      kind: 'amount-down',
      to: { dose: { sets: 3, amount: 4 } },
    });
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj(), 'tight'), exposure(cmj(), 'tight')])).toMatchObject(
      { kind: 'rung-down', to: { exerciseId: 'jump-and-stick', dose: { sets: 3, amount: 5 } } },
    );
  });

  test.each([
    ['no answer', null, null],
    ['a place where it does not work', 'tight', 'shoulder'],
    ['pain is not progress', 'pain', 'knee'],
    ['usual tightness', 'usual', null],
  ] as const)('%s repeats', (_name, answer, place) => {
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj(), answer, {}, place)])).toBeNull();
  });

  it('usual tightness twice at the most counts as two fines', () => {
    const top = exposure(cmj({ sets: 5, amount: 6 }), 'usual');
    expect(after('countermovement-jump', 'D-SLOW', [top, top])).toMatchObject({
      kind: 'rung-up',
      rules: ['PROG-3', 'PROG-2'],
    });
  });

  it('does not rise after a set short or with a fault', () => {
    expect(
      after('countermovement-jump', 'D-SLOW', [exposure(cmj(), 'fine', { sets: sets(cmj(), { amount: 3 }) })]),
    ).toBeNull();
    expect(
      after('countermovement-jump', 'D-SLOW', [
        exposure(cmj(), 'fine', { sets: sets(cmj(), { fault: 'loud landing' }) }),
      ]),
    ).toBeNull();
  });

  it('leaves prep as it is', () => {
    expect(
      after('travel-series', 'D-PREP', [exposure(dose({ sets: 1, amount: 15, unit: 'metres' }), 'fine')]),
    ).toBeNull();
  });
});

describe('loaded lifts', () => {
  const lift = (own: Partial<Dose> = {}) => dose({ sets: 3, amount: 6, loadKg: 80, rir: 2, ...own });
  test.each([
    ['below the top: one rep more', lift(), {}, { kind: 'amount-up', to: { dose: { amount: 7, loadKg: 80 } } }],
    [
      'at the top: the smallest step of 2 %',
      lift({ amount: 8 }),
      {},
      { kind: 'load-up', to: { dose: { loadKg: 82.5, amount: 8 } } },
    ],
    [
      'a step above 5 % waits for reps',
      lift({ amount: 8, loadKg: 40 }),
      {},
      { kind: 'amount-up', to: { dose: { amount: 9, loadKg: 40 } }, rules: ['PROG-9', 'DOSE-11'] },
    ],
    [
      'then restarts at the bottom',
      lift({ amount: 10, loadKg: 40 }),
      {},
      { kind: 'load-up', to: { dose: { amount: 4, loadKg: 42.5 } } },
    ],
    ['two short in reserve: 2.5 % off', lift(), { rir: 0 }, { kind: 'load-down', to: { dose: { loadKg: 77.5 } } }],
    ['reps missed: 5 % off', lift(), { amount: 5 }, { kind: 'load-down', to: { dose: { loadKg: 75 } } }],
  ])('%s', (_name, d, done, expected) => {
    expect(after('back-squat', 'D-MAINT', [exposure(d, 'fine', { sets: sets(d, done) })])).toMatchObject(expected);
  });

  it('does not rise on silence or where it is tight', () => {
    expect(after('back-squat', 'D-MAINT', [exposure(lift(), null)])).toBeNull();
    expect(after('back-squat', 'D-MAINT', [exposure(lift(), 'tight', {}, 'knee')])).toBeNull();
    expect(after('back-squat', 'D-MAINT', [exposure(lift(), 'fine', { sets: sets(lift(), { rir: 1 }) })])).toBeNull();
  });
});

describe('layoffs', () => {
  test.each([
    [
      '11 days',
      '2026-12-05',
      { kind: 'set-down', to: { dose: { sets: 2, loadKg: 75 } }, rules: ['PROG-7', 'DOSE-11'] },
    ],
    ['22 days', '2026-12-16', { kind: 'minimum', to: { dose: { sets: 2, amount: 4, loadKg: 70 } } }],
    ['43 days', '2027-01-06', { kind: 'rung-down', to: { exerciseId: 'front-squat', dose: { loadKg: null } } }],
  ])('%s', (_name, today, expected) => {
    expect(
      after('back-squat', 'D-MAINT', [exposure(dose({ sets: 3, amount: 6, loadKg: 80, rir: 2 }), 'fine')], { today }),
    ).toMatchObject(expected);
  });
});

it('follows the tables: another step of time, another cut', () => {
  const method = overlayTables(METHOD, [
    { table: 'doses', json: { 'D-ISO': { sets: [3, 3] } } },
    { table: 'settings', json: { progress: { timeStepS: 10 } } },
  ]);
  const hold = exposure(dose({ sets: 3, amount: 20, unit: 'seconds' }), 'fine');
  expect(after('wall-sit-hold', 'D-ISO', [hold])).toMatchObject({ kind: 'set-up' });
  expect(after('wall-sit-hold', 'D-ISO', [hold], { method })).toMatchObject({
    kind: 'amount-up',
    to: { dose: { amount: 30 } },
  });
});
