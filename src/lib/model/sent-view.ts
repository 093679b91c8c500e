import type { DayLine } from '$core/day';
import { sparse, type Sparse } from './sparse';

/** What most lines of a day say. */
const USUAL: Pick<DayLine, 'based' | 'eased' | 'reasons' | 'typed' | 'begun' | 'stopped' | 'variant'> = {
  based: null,
  eased: [],
  reasons: [],
  typed: false,
  begun: false,
  stopped: null,
  variant: 'squad',
};

/** A line of a day as a page brings it. */
export type SentLine = Sparse<DayLine, typeof USUAL>;

export const sentView = (view: readonly DayLine[]): SentLine[] => view.map((line) => sparse(line, USUAL));
export const viewOf = (sent: readonly SentLine[]): DayLine[] => sent.map((line) => ({ ...USUAL, ...line }));
