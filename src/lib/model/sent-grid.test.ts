import { expect, it } from 'vitest';
import type { GridPage } from './start-line';
import { gridOf, sentGrid } from './sent-grid';

const EMPTY = { trials: null, joints: null, loadKg: null, reps: null, rir: null, asks: false };
const record = { ...EMPTY, test: 'cmj', day: '2026-10-22', side: 'both' as const, value: 0.41 };
const odd = { ...record, side: 'left' as const, trials: [0.4, 0.41], asks: true };
const cell = {
  ...EMPTY,
  athleteId: 'a',
  test: 'cmj',
  day: '2026-11-24',
  side: 'both' as const,
  value: 0.42,
  source: 'typed',
  by: null,
  version: 1,
  changedAt: '2026-11-24T10:00:00Z',
};
const page = {
  day: '2026-11-24',
  athletes: [{ id: 'a', name: 'A', last: [record, odd] }],
  cells: [cell, { ...cell, source: 'mat', by: 'Ivo', loadKg: 100, reps: 5, rir: 1, value: null }],
} as unknown as GridPage;

it('a testing day comes back as it was sent, and says each usual thing once', () => {
  const sent = JSON.parse(JSON.stringify(sentGrid(page))) as ReturnType<typeof sentGrid>;
  expect(gridOf(sent)).toEqual(page);
  expect(sent.athletes[0]?.last[0]).toEqual({ test: 'cmj', day: '2026-10-22', value: 0.41 });
  expect(Object.keys(sent.athletes[0]?.cells[0] ?? {})).toEqual(['test', 'value', 'version', 'changedAt']);
});
