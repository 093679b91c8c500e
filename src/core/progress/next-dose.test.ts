import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { overlayTables } from '../method';
import { ANSWERS, type Exposure, type Track } from '../track';
import { nextDose, settleLine } from '.';

type Answer = (typeof ANSWERS)[number];
const sets = (d: Dose, own: Partial<Exposure['sets'][number]> = {}) =>
  Array.from({ length: d.sets }, () => ({ amount: d.amount, loadKg: d.loadKg, rir: d.rir, fault: null, ...own }));
const exposure = (
  d: Dose,
  answer: Answer | null,
  own: Partial<Exposure> = {},
  place: string | null = null,
): Exposure => ({
  sessionId: 's1',
  day: '2026-11-24',
  dose: d,
  based: d,
  eased: [],
  sets: sets(d),
  response: answer && { answer, place, score: answer === 'pain' ? 5 : null },
  settledBy: [],
  ...own,
});
interface Own {
  today?: string;
  athlete?: Parameters<typeof athlete>[0];
  method?: typeof METHOD;
  track?: Partial<Track>;
  others?: Record<string, Partial<Track>>;
}
const caseOf = (id: string, row: DoseRowId, exposures: [Exposure, ...Exposure[]], own: Own = {}) => ({
  exercise: getExercise(LIBRARY, id),
  row,
  athlete: athlete(own.athlete),
  track: trackOf(id, row, exposures[0].based ?? exposures[0].dose, { exposures, ...own.track }),
  trackOf: (other: string) => (own.others?.[other] ? trackOf(other, row, dose(), own.others[other]) : null),
  today: own.today ?? '2026-11-25',
  kit: brief().place.loading,
  squad: null,
});
const after = (id: string, row: DoseRowId, exposures: [Exposure, ...Exposure[]], own: Own = {}) =>
  nextDose(caseOf(id, row, exposures, own), LIBRARY, own.method ?? METHOD);
const settled = (id: string, row: DoseRowId, exposures: [Exposure, ...Exposure[]], own: Own = {}) =>
  settleLine(caseOf(id, row, exposures, own), METHOD);

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
    expect(after('countermovement-jump', 'D-SLOW', [top, top], { athlete: { tests: {} } })).toBeNull();
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
  ])('%s', (_name, d, done, expected) => {
    expect(after('back-squat', 'D-MAINT', [exposure(d, 'fine', { sets: sets(d, done) })])).toMatchObject(expected);
  });

  it('does not rise on silence or where it is tight', () => {
    expect(after('back-squat', 'D-MAINT', [exposure(lift(), null)])).toBeNull();
    expect(after('back-squat', 'D-MAINT', [exposure(lift(), 'tight', {}, 'knee')])).toBeNull();
    expect(after('back-squat', 'D-MAINT', [exposure(lift(), 'fine', { sets: sets(lift(), { rir: 1 }) })])).toBeNull();
  });
});

describe('what the rules settle by themselves', () => {
  const lift = dose({ sets: 3, amount: 6, loadKg: 80, rir: 2 });
  const short = { sets: sets(lift, { amount: 5 }) };

  test.each([null, 'fine', 'usual', 'tight', 'pain'] as const)(
    'missed reps lower a lift whatever the morning says (%s), and nothing rises beside it',
    (answer) => {
      const missed = exposure(lift, answer, short);
      expect(settled('back-squat', 'D-MAINT', [missed])).toMatchObject([
        { cause: 'fall', change: { kind: 'load-down', to: { dose: { loadKg: 77.5 } }, rules: ['PROG-9'] } },
      ]);
      expect(after('back-squat', 'D-MAINT', [missed])).toBeNull();
    },
  );

  it('takes 2.5 % off where the reserve fell short by two, and no more than 5 % where a lighter step can be loaded', () => {
    const hard = exposure(lift, 'fine', { sets: sets(lift, { rir: 0 }) });
    expect(settled('back-squat', 'D-MAINT', [hard])[0]?.change.to.dose.loadKg).toBe(77.5);
    const near = exposure(lift, 'fine', { sets: sets(lift, { rir: 1 }) });
    expect(settled('back-squat', 'D-MAINT', [near])).toEqual([]);
    for (let loadKg = 40; loadKg <= 160; loadKg += 2.5) {
      const at = { ...lift, loadKg };
      const to = settled('back-squat', 'D-MAINT', [exposure(at, null, { sets: sets(at, { amount: 3 }) })])[0]?.change
        .to;
      const off = loadKg - (to?.dose.loadKg ?? 0);
      expect(off, String(loadKg)).toBeGreaterThanOrEqual(loadKg * 0.025 - 1e-9);
      expect(off, String(loadKg)).toBeLessThanOrEqual(Math.max(2.5, loadKg * 0.05) + 1e-9);
    }
  });

  it('keeps a load that was found: the heaviest that left the reserve asked for', () => {
    const open = { ...lift, loadKg: null };
    const tried = [60, 70, 80].map((loadKg, i) => ({ amount: 6, loadKg, rir: 3 - i, fault: null }));
    expect(settled('back-squat', 'D-MAINT', [exposure(open, null, { sets: tried })])).toMatchObject([
      { cause: 'found-load', change: { to: { dose: { loadKg: 70 } }, rules: ['DOSE-2'] } },
    ]);
    expect(settled('back-squat', 'D-MAINT', [exposure(open, null, { sets: sets(open) })])).toEqual([]);
  });

  it('settles nothing twice, nor what a person decided since', () => {
    const missed = exposure(lift, 'fine', short);
    expect(settled('back-squat', 'D-MAINT', [{ ...missed, settledBy: ['fall'] }])).toEqual([]);
    expect(
      settled('back-squat', 'D-MAINT', [missed], { track: { owned: { dose: lift, by: 'accepted', rules: [] } } }),
    ).toEqual([]);
  });

  it('makes the cut of a layoff the owned dose, and gives it back one step at a time once it is clean and fine', () => {
    const cut = { ...lift, sets: 2, loadKg: 72.5 };
    const back = exposure(cut, 'fine', { eased: ['PROG-7'], based: cut });
    const owns = { owned: { dose: lift, by: 'done' as const, rules: [] } };
    expect(settled('back-squat', 'D-MAINT', [back], { track: owns })).toMatchObject([
      { cause: 'layoff', change: { from: { dose: lift }, to: { dose: cut } } },
    ]);
    const asOwned = { owned: { dose: cut, by: 'layoff' as const, rules: [] }, before: lift };
    expect(after('back-squat', 'D-MAINT', [{ ...back, eased: [] }], { track: asOwned })).toMatchObject({
      kind: 'given-back',
      to: { dose: { sets: 3, loadKg: 72.5 } },
      rules: ['PROG-7'],
    });
    const sets3 = { ...asOwned, owned: { dose: { ...cut, sets: 3 }, by: 'done' as const, rules: [] } };
    const fine = exposure({ ...cut, sets: 3 }, 'fine');
    const given = after('back-squat', 'D-MAINT', [fine], { track: sets3 })?.to.dose.loadKg ?? 0;
    expect(given).toBeGreaterThan(72.5);
    expect(given).toBeLessThanOrEqual(72.5 * 1.05);
    expect(after('back-squat', 'D-MAINT', [{ ...fine, response: null }], { track: sets3 })).toBeNull();
  });
});

describe('what stands against a rise', () => {
  const cleanTop = exposure(cmj({ sets: 5, amount: 6 }), 'fine');

  test.each([
    ['nothing', {}, false],
    ['the ground is unknown (START-2)', { athlete: { caution: 'gentle' as const } }, true],
    [
      'a complaint where it works (SAFE-8)',
      { athlete: { complaints: [{ place: 'knee', side: null, score: 1, column: 'mild' as const }] } },
      true,
    ],
    [
      'a complaint elsewhere',
      { athlete: { complaints: [{ place: 'shoulder', side: null, score: 1, column: 'mild' as const }] } },
      false,
    ],
    ['the coach held it since', { track: { heldThrough: '2026-11-25' } }, true],
    ['the coach held an older one', { track: { heldThrough: '2026-11-20' } }, false],
    ['it was accepted already', { track: { owned: { dose: cmj(), by: 'accepted' as const, rules: [] } } }, true],
    ['the rung was left', { track: { movedTo: 'tuck-jump' } }, true],
    ['a layoff lies between', { today: '2026-12-08' }, true],
  ] as [string, Own, boolean][])('%s', (_name, own, stands) => {
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj(), 'fine')], own) === null).toBe(stands);
  });

  it('an eased set reaches nothing; one that did what was owned all the same does', () => {
    const eased = { eased: ['WEEK-2'], based: cmj() };
    const easier = cmj({ sets: 2 });
    expect(after('countermovement-jump', 'D-SLOW', [exposure(easier, 'fine', eased)])).toBeNull();
    expect(
      after('countermovement-jump', 'D-SLOW', [exposure(easier, 'fine', { ...eased, sets: sets(cmj()) })]),
    ).toMatchObject({ kind: 'set-up' });
  });

  it('a rung left for tightness waits for three clean sessions at the most below it, and for a test once left twice', () => {
    const up = (exposures: [Exposure, ...Exposure[]], sentDown: number) =>
      after('countermovement-jump', 'D-SLOW', exposures, { others: { 'tuck-jump': { sentDown } } });
    expect(up([cleanTop, cleanTop], 0)).toMatchObject({ kind: 'rung-up' });
    expect(up([cleanTop, cleanTop], 1)).toBeNull();
    expect(up([cleanTop, cleanTop, cleanTop], 1)).toMatchObject({ kind: 'rung-up' });
    expect(up([cleanTop, cleanTop, cleanTop], 2)).toBeNull();
  });

  it('more reps but never more sets while force alone is unknown (START-2)', () => {
    const own = { athlete: { caution: 'sets' as const } };
    expect(after('countermovement-jump', 'D-SLOW', [exposure(cmj(), 'fine')], own)).toMatchObject({
      kind: 'amount-up',
      to: { dose: { sets: 4, amount: 5 } },
    });
  });

  it('a lift with a fault, a set missing, a lighter bar, or that is strong enough does not rise', () => {
    const lift = dose({ sets: 3, amount: 6, loadKg: 80, rir: 2 });
    const rise = (own: Partial<Exposure>, more: Own = {}) =>
      after('back-squat', 'D-MAINT', [exposure(lift, 'fine', own)], more);
    expect(rise({})).toMatchObject({ kind: 'amount-up' });
    expect(rise({ sets: sets(lift, { fault: 'knee in' }) })).toBeNull();
    expect(rise({ sets: sets(lift).slice(1) })).toBeNull();
    expect(rise({ sets: sets(lift, { loadKg: 77.5 }) })).toBeNull();
    expect(rise({}, { athlete: { atCeiling: ['back-squat'] } })).toBeNull();
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
