import type { TestRecord } from '$core/testing';
import type { CellView } from './results';
import { sparse, type Sparse } from './sparse';
import type { GridAthlete, GridPage } from './start-line';

/** What most records and cells say: it is not sent with each of a few hundred. */
const USUAL_RECORD = {
  side: 'both',
  trials: null,
  joints: null,
  loadKg: null,
  reps: null,
  rir: null,
  asks: false,
} as const;
const USUAL_CELL = { ...USUAL_RECORD, source: 'typed', by: null } as const;

/** An athlete with the last values and those of the day, each without what is usual. */
type SentAthlete = Omit<GridAthlete, 'last'> & {
  readonly last: readonly Sparse<TestRecord, typeof USUAL_RECORD>[];
  readonly cells: readonly Omit<Sparse<CellView, typeof USUAL_CELL>, 'day' | 'athleteId'>[];
};

/** A testing day as a page brings it. */
export interface SentGrid extends Omit<GridPage, 'athletes' | 'cells'> {
  readonly athletes: readonly SentAthlete[];
}

/** A testing day as it is sent; `gridOf` is the way back. Every cell is of the page's day and of one of its athletes. */
export const sentGrid = ({ athletes, cells, ...page }: GridPage): SentGrid => ({
  ...page,
  athletes: athletes.map((one) => ({
    ...one,
    last: one.last.map((record) => sparse(record, USUAL_RECORD)),
    cells: cells
      .filter(({ athleteId }) => athleteId === one.id)
      .map(({ day: _day, athleteId: _id, ...cell }) => sparse(cell, USUAL_CELL)),
  })),
});

export const gridOf = ({ athletes, ...page }: SentGrid): GridPage => ({
  ...page,
  athletes: athletes.map(({ cells: _, ...one }) => ({
    ...one,
    last: one.last.map((record) => ({ ...USUAL_RECORD, ...record })),
  })),
  cells: athletes.flatMap(({ id, cells }) =>
    cells.map((cell) => ({ ...USUAL_CELL, ...cell, athleteId: id, day: page.day })),
  ),
});
