import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief } from '../../../tests/fixtures';
import { overlayTables } from '../method';
import { buildModel } from './compile/build-model';
import { makeContext } from './context';
import { coverageTable } from './compile/coverage-table';
import type { EngineModel } from './engine/model';
import { addTo, breaksLimit, pointsOf, startTotals } from './engine/objective';
import { slotOptions } from './candidates/options';
import { startsWithRoom } from './engine/make-room';
import { search } from './engine/search';
import { totalsOf } from './engine/selection';

const MOST_TRIED = 45;

/** A small template, so that every selection can be tried. */
const small = (slots: string[], minutes: number, method = METHOD): EngineModel => {
  const template = {
    ...method.templates.full!,
    slots: method.templates.full!.slots.filter(
      (slot) => slots.includes(slot.id) && (slot.roles.length === 0 || slot.roles.includes('A')),
    ),
  };
  const context = makeContext(brief({ minutes }), LIBRARY, method);
  return buildModel(
    template.slots.map((slot) => {
      const all = slotOptions(slot, context);
      // as many as can all be tried with each other
      return { ...all, options: all.options.filter((_, i) => i % Math.ceil(all.options.length / MOST_TRIED) === 0) };
    }),
    template,
    context,
  ).model;
};

/** The best selection by trying them all. */
function exhaust(model: EngineModel): number {
  let best = -Infinity;
  const walk = (slot: number, picks: number[]): void => {
    if (slot === model.slots.length) {
      const totals = totalsOf(model, picks);
      if (!breaksLimit(model, totals)) best = Math.max(best, pointsOf(model, totals));
      return;
    }
    model.slots[slot]!.forEach((_option, pick) => {
      walk(slot + 1, [...picks, pick]);
    });
  };
  walk(0, []);
  return best;
}

describe('search', () => {
  it.each([
    [['main', 'single-leg', 'jump-1'], 30],
    [['main', 'main-trunk', 'upper-pull'], 25],
    [['jump-1', 'jump-2', 'calf'], 12],
    [['main', 'single-leg', 'guard'], 18],
  ])('finds what trying everything finds: %j in %i minutes', (slots, minutes) => {
    const model = small(slots, minutes);
    const found = search(model);
    expect(found?.points).toBe(exhaust(model));
  });

  it('keeps its running sums true to a fresh count', () => {
    const model = small(['main', 'single-leg', 'jump-1', 'calf'], 40);
    const picks = fc.tuple(...model.slots.map((options) => fc.nat(options.length - 1)));
    fc.assert(
      fc.property(picks, picks, (from, to) => {
        const totals = totalsOf(model, from);
        model.slots.forEach((options, slot) => {
          addTo(totals, options[from[slot]!]!, -1);
          addTo(totals, options[to[slot]!]!, 1);
        });
        expect(totals).toEqual(totalsOf(model, to));
      }),
      { seed: 9, numRuns: 60 },
    );
  });

  it('gives the time to where most hangs on the choice, not to many small lines that are found first', () => {
    const model = small(['main', 'single-leg', 'upper-pull', 'upper-push', 'calf', 'guard'], 60);
    const [main = [], ...others] = model.slots;
    // a quick main lift that is worth far less than the slow one, which leaves time for little else
    const quick = { ...main[0]!, lin: -2_000_000, timeS: 100, pattern: -1 };
    const slow = { ...quick, lin: 0, timeS: 1500 };
    // neither first nor last
    const slots = [...others.slice(0, 3), [quick, slow], ...others.slice(3)];
    expect(search({ ...model, slots, timeLimitS: 1700 })!.picks[3]).toBe(1);
  });

  it('leaves three small lines for a large one, which no change of one or two of them would', () => {
    const model = small(['jump-1', 'main-trunk', 'upper-pull', 'calf'], 60);
    const base = { ...model.slots[0]![0]!, pattern: -1, group: -1, demand: new Int32Array(0), worksOn: [] };
    const plain = { ...base, lin: 0, contacts: 0, rawContacts: 0, knee: 0, hip: 0, quotas: 0, band: -1, sets: 0 };
    const none = { ...plain, timeS: 0, bonuses: 0 };
    const line = [{ ...none, timeS: 100, lin: 10_000 }, none];
    // worth most, but not by itself: whichever slot is filled first, the small ones come before it
    const large = [{ ...none, timeS: 350, bonuses: 1 }, none];
    const lean = {
      ...model,
      slots: [line, line, large, line, line],
      bonuses: [[0, 50_000]],
      least: { ...model.least, timeS: 0, contacts: 0 },
      ...{ timeLimitS: 460, kneeStart: 0, hipStart: 0, quotaCount: 0, bands: [] },
    };
    const found = search(lean)!;
    expect(found.points).toBe(60_000);
    expect(found.picks[2]).toBe(0);
    expect(startsWithRoom(lean, [0, 0, 1, 0, 0])).toEqual([[1, 1, 0, 1, 0]]);
  });

  it('says there is no selection when the cheapest does not fit', () => {
    const model = small(['main'], 30);
    expect(search({ ...model, timeLimitS: 10 })).toBeNull();
  });

  it('has concave coverage: each more is worth no more than the one before', () => {
    const { coverageAt, coverageSlope } = METHOD.settings.choice;
    const table = coverageTable(5, coverageAt, coverageSlope);
    for (let x = 2; x < table.length; x++)
      expect(table[x]! - table[x - 1]!).toBeLessThanOrEqual(table[x - 1]! - table[x - 2]!);
    expect(coverageTable(0, coverageAt, coverageSlope).every((value) => value === 0)).toBe(true);
  });

  it('punishes a card off its knee : hip band, and reads the band from the table', () => {
    const model = small(['main'], 60);
    const level = { ...startTotals(model), knee: 50, hip: 50 };
    const off = { ...startTotals(model), knee: 90, hip: 10 };
    expect(pointsOf(model, off)).toBeLessThan(pointsOf(model, level));
    const wide = overlayTables(METHOD, [{ table: 'settings', json: { ledger: { kneeHip: [0, 1] } } }]);
    const open = small(['main'], 60, wide);
    expect(pointsOf(open, off)).toBe(pointsOf(open, level));
  });
});
