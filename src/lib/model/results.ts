import { z } from 'zod';
import { daySchema } from './bodies';

/** How a value came in. */
export const SOURCES = ['typed', 'paste', 'file', 'mat', 'video', 'stopwatch', 'counter', 'screen'] as const;

const small = z.number().min(-1000).max(100_000);

/** One cell of the testing grid on its way to the server; all values empty = taken back. */
export const cellSchema = z.object({
  athleteId: z.uuid(),
  test: z.string().min(1).max(60),
  day: daySchema,
  side: z.enum(['left', 'right', 'both']),
  value: small.nullable(),
  trials: z.array(small).min(2).max(6).nullable(),
  joints: z.array(z.number().int().min(0).max(2)).length(4).nullable(),
  loadKg: z.number().positive().max(500).nullable(),
  reps: z.number().int().min(1).max(30).nullable(),
  rir: z.number().int().min(0).max(12).nullable(),
  /** version it was changed from; 0 = there was none */
  seen: z.number().int().min(0),
  /** the coach has said an unlikely value is right */
  sure: z.boolean(),
  source: z.enum(SOURCES),
});
export type CellBody = z.infer<typeof cellSchema>;
export const cellsSchema = z.object({ cells: z.array(cellSchema).min(1).max(1000) });

/** A cell as everybody sees it. */
export interface CellView {
  readonly athleteId: string;
  readonly test: string;
  readonly day: string;
  readonly side: 'left' | 'right' | 'both';
  readonly value: number | null;
  readonly trials: readonly number[] | null;
  readonly joints: readonly number[] | null;
  readonly loadKg: number | null;
  readonly reps: number | null;
  readonly rir: number | null;
  readonly asks: boolean;
  readonly source: string;
  /** who typed it, by name */
  readonly by: string | null;
  readonly version: number;
  readonly changedAt: string;
}

/** What became of a cell that was sent. */
export interface CellAnswer {
  readonly state: 'kept' | 'conflict' | 'refused';
  readonly message: string | null;
  /** how it stands on the server now */
  readonly cell: CellView | null;
}

export const cellKey = ({ athleteId, test, side }: Pick<CellView, 'athleteId' | 'test' | 'side'>): string =>
  `${athleteId} ${test} ${side}`;
