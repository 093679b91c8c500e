import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { METHOD, START, TEST_SPECS } from '$catalog';
import { NO_TARGETS } from '$core/startline';
import type { CellAnswer, CellBody, CellView } from '$lib/model/results';
import type { GridPage } from '$lib/model/start-line';
import { testRecord } from '../../../../tests/fixtures';
import { GridState } from './grid-state.svelte';

const DAY = '2026-11-24';
const page = (): GridPage => ({
  squadId: 'squad',
  day: DAY,
  today: DAY,
  cuts: true,
  targets: NO_TARGETS,
  specs: [...TEST_SPECS.values()],
  tests: ['cmj', 'R4', 'back-squat'],
  athletes: ['a', 'b'].map((id) => ({
    id,
    name: `Athlete ${id}`,
    sex: null,
    bodyMassKg: 70,
    squatEnough: null,
    ageYears: id === 'b' ? 14 : 24,
    complaints: [],
    leans: 'unknown' as const,
    last: [testRecord('cmj', 0.4, { day: '2026-10-20' })],
  })) as unknown as GridPage['athletes'],
  cells: [],
  noise: {},
  settings: START,
  loading: METHOD.settings.loading,
  at: `${DAY}T08:00:00Z`,
});
const view = (cell: CellBody, own: Partial<CellView> = {}): CellView => ({
  ...cell,
  asks: false,
  by: null,
  version: cell.seen + 1,
  changedAt: '',
  ...own,
});

let sent: CellBody[] = [];
let say: (cell: CellBody) => CellAnswer;
let grid: GridState;
beforeEach(async () => {
  sent = [];
  say = (cell) => ({ state: 'kept', message: null, cell: view(cell) });
  vi.stubGlobal('fetch', (_url: string, init?: { body: string }) => {
    const cells = init ? (JSON.parse(init.body) as { cells: CellBody[] }).cells : [];
    sent.push(...cells);
    return Promise.resolve(new Response(JSON.stringify({ answers: cells.map(say), cells: [], at: '' })));
  });
  grid = new GridState(page(), 'metric');
  await grid.start('ada');
});
afterEach(async () => {
  await grid.queue.dropWhere(() => true);
  grid.stop();
  vi.unstubAllGlobals();
});
const write = (row: number, col: number, text: string) => grid.write([{ row, col, text }], 'typed');
const at = (id: string, test = 'cmj', side: 'both' | 'left' = 'both') => grid.cell(id, test, side);

describe('the testing grid', () => {
  it('gives a pair of sides two columns and keeps a value in the stored unit', async () => {
    expect(grid.columns.map(({ spec, side }) => `${spec.id} ${side}`)).toEqual([
      'cmj both',
      'R4 left',
      'R4 right',
      'back-squat both',
    ]);
    await write(0, 0, '41.5');
    expect(sent).toMatchObject([{ athleteId: 'a', test: 'cmj', value: 0.415, seen: 0 }]);
    expect(at('a')).toMatchObject({ waiting: false, trouble: null, view: { value: 0.415, version: 1 } });
    expect(grid.filled).toBe(1);
  });

  it('refuses here what cannot be, keeps what was typed, and sends none of it', async () => {
    await write(0, 0, '310');
    expect(at('a').trouble).toMatchObject({ typed: '310' });
    await write(1, 3, '60 x 1');
    expect(at('b', 'back-squat').trouble?.message).toContain('SAFE-3');
    expect(sent).toEqual([]);
    expect(grid.question).toMatchObject({ kind: 'refused', athleteId: 'a' });
  });

  it('keeps the good cells of a pasted block beside the bad ones, and says what lay outside', async () => {
    await grid.paste('41\t0.1\n310\t0.11\n42\t0.1');
    expect(sent.map(({ athleteId, test }) => `${athleteId} ${test}`).sort()).toEqual(['a R4', 'a cmj', 'b R4']);
    expect(at('b').trouble?.typed).toBe('310');
    expect(grid.pasted).toContain('2 lay outside the grid');
  });

  it('asks about a value far from the last and keeps it once it is said to be right', async () => {
    say = (cell) => ({ state: 'kept', message: null, cell: view(cell, { asks: !cell.sure }) });
    await write(0, 0, '71');
    const { question } = grid;
    expect(question?.kind).toBe('asks');
    if (question) await grid.keepAsked(question);
    expect(sent.at(-1)).toMatchObject({ value: 0.71, sure: true, seen: 1 });
    expect(grid.question).toBeNull();
  });

  it('holds mine beside what another station wrote, until the coach says which', async () => {
    say = (cell) =>
      cell.seen === 0
        ? { state: 'conflict', message: null, cell: view(cell, { value: 0.39, version: 4, by: 'Bo' }) }
        : { state: 'kept', message: null, cell: view(cell) };
    await write(0, 0, '41');
    expect(at('a')).toMatchObject({ mine: { value: 0.41 }, view: { value: 0.39 } });
    const { question } = grid;
    if (question) await grid.resolve(question, 'mine');
    expect(sent.at(-1)).toMatchObject({ value: 0.41, seen: 4 });
    expect(at('a').mine).toBeNull();
    expect(grid.queue.parked).toEqual([]);
  });

  it('keeps a refused cell over a closed page, with the reason, until it is taken off', async () => {
    say = () => ({ state: 'refused', message: 'No such test.', cell: null });
    await write(0, 0, '41');
    grid.stop();
    grid = new GridState(page(), 'metric');
    await grid.start('ada');
    expect(at('a').trouble).toEqual({ typed: '41.0', message: 'No such test.' });
    await grid.clear('a', grid.columns[0]!);
    expect(at('a')).toMatchObject({ trouble: null, view: null });
    expect(grid.queue.parked).toEqual([]);
  });

  it('moves inside the grid only, and to the other side of a pair', () => {
    grid.move(-3, -3);
    expect([grid.row, grid.col]).toEqual([0, 0]);
    grid.move(9, 1);
    expect([grid.row, grid.col]).toEqual([1, 1]);
    grid.otherSide();
    expect(grid.col).toBe(2);
    grid.otherSide();
    expect(grid.col).toBe(1);
  });
});
