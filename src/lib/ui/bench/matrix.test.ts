import { describe, expect, it } from 'vitest';
import type { DayLine } from '$core/day';
import type { Line } from '$core/session';
import { dose } from '../../../../tests/fixtures';
import { doseWords, whoDiffers } from './line-words';
import { matrixCell, matrixColumns, matrixRacks } from './matrix';

const line = (slot: string, own: Partial<Line> = {}): Line => ({
  slot,
  block: 'main',
  group: null,
  exerciseId: 'back-squat',
  row: 'D-MAINT',
  dose: dose({ rir: 2 }),
  full: null,
  reasons: [],
  pinned: false,
  typed: false,
  substitutes: [],
  note: null,
  only: null,
  ...own,
});
const does = (athleteId: string, own: Partial<DayLine> = {}): DayLine => ({
  slot: 'main',
  athleteId,
  exerciseId: 'back-squat',
  row: 'D-MAINT',
  dose: dose({ sets: 2, rir: 2, loadKg: 60 }),
  based: null,
  eased: [],
  reasons: [],
  typed: false,
  begun: false,
  stopped: null,
  variant: 'squad',
  ...own,
});
const pain = { code: 'barred_by_complaint', rules: ['SAFE-8'], facts: {} };
const VIEW = [
  does('a'),
  does('b', { dose: dose({ sets: 2, rir: 2, loadKg: 82.5 }) }),
  does('c', { variant: 'less', dose: dose({ sets: 1, rir: 2, loadKg: 40 }) }),
  does('d', { variant: 'safe', exerciseId: 'hip-thrust', dose: dose({ amount: 8, loadKg: 90 }) }),
  does('e', { variant: 'without', exerciseId: null, reasons: [pain] }),
];
const NAMES: Record<string, string> = { 'hip-thrust': 'Hip thrust' };
const cell = (own: DayLine | undefined) =>
  matrixCell(own, { slot: 'main', exerciseId: 'back-squat' }, 'kg', (id) => NAMES[id] ?? id);

describe('everybody', () => {
  it('has a column a line but what all do alike, under the dose that most do', () => {
    const columns = matrixColumns([line('prep-1', { block: 'prep' }), line('main')], VIEW, 7, 'kg');
    expect(columns).toMatchObject([{ slot: 'main', sets: '2 × 5', rest: 'RIR 2 · rest 1:30' }]);
    expect(columns[0]?.counts).toEqual([
      // two of them are not told of
      ['squad', 4],
      ['less', 1],
      ['safe', 1],
      ['without', 1],
    ]);
  });

  it('says in a cell only what differs: a load, less, another entry, or without and its rule', () => {
    expect(VIEW.map(cell).map(({ words, rule }) => [words, rule])).toEqual([
      ['60', ''],
      ['82.5', ''],
      ['less 1 × 5 · 40', ''],
      ['Hip thrust 3 × 8 · 90', ''],
      ['without', 'SAFE-8'],
    ]);
    expect(cell(does('a', { dose: dose() })).words).toBe('');
    expect(cell(does('a', { variant: 'other', dose: dose({ per: 'side' }) })).words).toBe('other 3 × 5');
    expect(cell(does('a', { stopped: pain }))).toMatchObject({ words: 'stopped', rule: 'SAFE-8', variant: 'without' });
    // not told yet: as written
    expect(cell(undefined)).toMatchObject({ variant: 'squad', words: '' });
    expect(cell(does('a', { variant: 'typed' })).words).toBe('yours 2 × 5 · 60');
  });

  it('shares the racks by load, lightest first; none without racks or loads', () => {
    expect(matrixRacks([line('main')], VIEW, 2, 'kg')).toEqual([
      {
        athletes: [
          { id: 'c', loadKg: 40 },
          { id: 'a', loadKg: 60 },
        ],
        words: '40–60 kg',
      },
      { athletes: [{ id: 'b', loadKg: 82.5 }], words: '82.5 kg' },
    ]);
    expect(matrixRacks([line('main')], VIEW, 0, 'kg')).toEqual([]);
    expect(matrixRacks([line('main')], [does('a', { dose: dose() })], 2, 'kg')).toEqual([]);
  });

  it('who is not told of does the line as it stands, with no load of their own', () => {
    expect(doseWords(line('main'), VIEW, 'nobody told', 'kg')).toMatchObject({ sets: '2 × 5', leftOut: false });
    expect(doseWords(line('main'), VIEW, 'e', 'kg')).toMatchObject({ leftOut: true });
  });

  it('names who is alone with a dose and counts the others', () => {
    const view = [...VIEW, does('f', { variant: 'less' }), does('g', { stopped: pain })];
    expect(whoDiffers(line('main'), view, (id) => id.toUpperCase())).toEqual(['2 less', 'D safe', '2 without']);
  });
});
