import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import { addDays } from '../calendar';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import type { Exposure, Response } from '../track';
import { leavesTight, lightCard, opensWith, stallOf, type ProgressCase } from '.';

const TODAY = '2026-11-25';
const fine: Response = { answer: 'fine', place: null, score: null };
const tightAt = (place: string | null): Response => ({ answer: 'tight', place, score: null });

/** One time `daysAgo`, every set as written unless said. */
const time = (daysAgo: number, of: Dose, own: Partial<Exposure> & { rir?: number } = {}): Exposure => ({
  sessionId: `s${String(daysAgo)}`,
  day: addDays(TODAY, -daysAgo),
  dose: of,
  based: of,
  eased: [],
  sets: Array.from({ length: of.sets }, () => ({
    amount: of.amount,
    loadKg: of.loadKg,
    rir: own.rir ?? of.rir,
    fault: null,
  })),
  response: fine,
  settledBy: [],
  ...own,
});
const caseOf = (id: string, row: DoseRowId, exposures: Exposure[], own: Partial<ProgressCase> = {}): ProgressCase => ({
  exercise: getExercise(LIBRARY, id),
  row,
  athlete: athlete(),
  track: trackOf(id, row, exposures[0]?.dose ?? dose(), { exposures }),
  trackOf: () => null,
  today: TODAY,
  kit: brief().place.loading,
  squad: { develops: true },
  ...own,
});

describe('a rung that only a test opens (PROG-8)', () => {
  const most = dose({ sets: 3, amount: 5, per: 'side' });
  const at = (doses: Dose[], own: Partial<ProgressCase> = {}) =>
    opensWith(
      caseOf(
        'single-leg-drop-stick',
        'D-LAND',
        doses.map((of, i) => time(2 + 3 * i, of)),
        own,
      ),
      LIBRARY,
      METHOD,
    );

  it('asks for the test after three clean times at the most, not after two', () => {
    expect(at([most, most, most])).toEqual([{ test: 'C7', opens: 'drop-jump' }]);
    expect(at([most, most])).toEqual([]);
    expect(at([most, most, { ...most, sets: 2 }])).toEqual([]);
    expect(at([most, most, { ...most, amount: 4 }])).toEqual([]);
  });

  it('not when the gate is met, the squad only keeps the line, or a set fell short', () => {
    expect(at([most, most, most], { athlete: athlete({ tests: { C7: 'passed' } }) })).toEqual([]);
    expect(at([most, most, most], { squad: { develops: false } })).toEqual([]);
    expect(at([most, most, most], { squad: null })).toHaveLength(1);
    const short = time(2, most, { sets: [{ amount: 5, loadKg: null, rir: null, fault: 'heels touch' }] });
    const own = caseOf('single-leg-drop-stick', 'D-LAND', [short, time(5, most), time(8, most)]);
    expect(opensWith(own, LIBRARY, METHOD)).toEqual([]);
  });
});

describe('a main lift that is stuck (PROG-10)', () => {
  const at = (loadKg: number): Dose => dose({ sets: 4, amount: 5, rir: 2, loadKg });
  const stall = (
    /** newest first */
    loads: number[],
    own: Partial<ProgressCase> & { isMain?: boolean; apart?: number; response?: Response; eased?: string[] } = {},
  ) =>
    stallOf(
      caseOf(
        'back-squat',
        'D-MAX',
        loads.map((kg, i) =>
          time(2 + (own.apart ?? 7) * i, at(kg), { response: own.response ?? fine, eased: own.eased ?? [] }),
        ),
        own,
      ),
      own.isMain ?? true,
      METHOD,
    );

  test.each([
    ['the last two well under the first', [95, 95, 100], true],
    ['one bad day', [95, 99, 100], false],
    ['just inside 3.5 %', [96.6, 96.6, 100], false],
    ['just beyond it', [96.4, 96.4, 100], true],
    ['risen', [105, 102.5, 100], false],
    ['twice in the block only', [95, 100], false],
  ] as const)('%s', (_name, loads, expected) => {
    expect(stall([...loads]) !== null).toBe(expected);
  });

  it('says by how much, by the formula that prescribes', () => {
    const found = stall([95, 95, 100]);
    expect(found?.share).toBeCloseTo(0.05, 9);
    expect(found?.firstKg).toBeCloseTo(100 * (1 + 7 / 30), 9);
  });

  it('is asked of main lifts in their block, as they were written', () => {
    expect(stall([95, 95, 100], { isMain: false })).toBeNull();
    expect(stall([95, 95, 100], { eased: ['PROG-7'] })).toBeNull();
    // the first time lies before the block
    expect(stall([95, 95, 95, 100], { apart: 9 })).toBeNull();
  });

  it('reads many reps too, where they are held against their like', () => {
    const twelve = dose({ sets: 3, amount: 12, rir: 4, loadKg: 60 });
    const times = [time(2, { ...twelve, loadKg: 55 }), time(5, { ...twelve, loadKg: 55 }), time(9, twelve)];
    expect(stallOf(caseOf('back-squat', 'D-STR', times), true, METHOD)?.share).toBeCloseTo(5 / 60, 9);
  });

  it('names the signals it knows', () => {
    expect(stall([95, 95, 100])?.signals).toEqual([]);
    expect(stall([95, 95, 100], { response: tightAt(null) })?.signals).toEqual(['tight']);
    expect(stall([95, 95, 100], { apart: 11 })?.signals).toEqual(['away']);
    const knee = { place: 'knee', side: null, score: 1, column: 'mild' as const };
    expect(stall([95, 95, 100], { athlete: athlete({ complaints: [knee] as never }) })?.signals).toEqual(['complaint']);
  });
});

describe('what leaves an athlete tight (PROG-14)', () => {
  const jump = dose({ sets: 3, amount: 4 });
  const marked = (responses: (Response | null)[], id = 'countermovement-jump') =>
    leavesTight(
      [
        trackOf(id, 'D-SLOW', jump, {
          exposures: responses.map((response, i) => time(2 + 3 * i, jump, { response })),
        }),
      ],
      TODAY,
      LIBRARY,
      METHOD,
    ).has(id);

  test.each([
    ['twice of the last three', [tightAt(null), fine, tightAt(null)], true],
    ['once', [tightAt(null), fine, fine], false],
    ['longer ago', [fine, fine, tightAt(null), tightAt(null)], false],
    ['at a place it does not work on', [tightAt('shoulder'), fine, tightAt('shoulder')], false],
    ['silence is no tightness', [null, tightAt(null), null], false],
  ] as const)('%s', (_name, responses, expected) => {
    expect(marked([...responses])).toBe(expected);
  });

  it('counts an entry over its rows, and nothing of the card’s own day', () => {
    const of = (row: DoseRowId, daysAgo: number) =>
      trackOf('countermovement-jump', row, jump, { exposures: [time(daysAgo, jump, { response: tightAt(null) })] });
    const both = [of('D-SLOW', 2), of('D-SKILL', 5)];
    expect(leavesTight(both, TODAY, LIBRARY, METHOD).size).toBe(1);
    expect(leavesTight(both, addDays(TODAY, -2), LIBRARY, METHOD).size).toBe(0);
  });
});

describe('lighter at the coach’s word (PROG-10)', () => {
  const answered = (...daysAgo: number[]) => [
    trackOf('back-squat', 'D-MAX', dose(), { exposures: daysAgo.map((ago) => time(ago, dose())) }),
  ];

  const lighter = (lighterFrom: string | null) => ({ lighterFrom, fullFrom: null });

  it('holds for three answered sessions from its day', () => {
    const from = addDays(TODAY, -9);
    expect(lightCard(answered(12, 16), lighter(from), TODAY)).toBe('asked-lighter');
    expect(lightCard(answered(2, 6, 12), lighter(from), TODAY)).toBe('asked-lighter');
    expect(lightCard(answered(2, 6, 9), lighter(from), TODAY)).toBeNull();
    expect(lightCard(answered(2), lighter(null), TODAY)).toBeNull();
    expect(lightCard(answered(2), lighter(addDays(TODAY, 1)), TODAY)).toBeNull();
  });

  const tired = (...daysAgo: number[]) => [
    trackOf('back-squat', 'D-MAX', dose(), {
      exposures: daysAgo.map((ago) => time(ago, dose(), { response: tightAt(null) })),
    }),
  ];

  it('tired mornings outrank it', () => {
    expect(lightCard(tired(2, 5), lighter(addDays(TODAY, -9)), TODAY)).toBe('light-card');
  });

  it('ends at the coach’s word, whatever made it, and begins anew with what is trained since', () => {
    const full = (ago: number) => ({ lighterFrom: addDays(TODAY, -9), fullFrom: addDays(TODAY, -ago) });
    expect(lightCard(tired(2, 5), full(0), TODAY)).toBeNull();
    expect(lightCard(tired(2, 5), full(4), TODAY)).toBeNull();
    expect(lightCard(tired(2, 5), full(5), TODAY)).toBe('light-card');
    expect(lightCard(tired(2, 5), full(-1), TODAY)).toBe('light-card');
    expect(lightCard(answered(12), full(9), TODAY)).toBe('asked-lighter');
    expect(lightCard(answered(12), full(8), TODAY)).toBeNull();
  });
});
