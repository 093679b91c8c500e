import type { Phase } from '../library';
import type { PhaseWeek } from './lay-phases';
import { blockOf, layWeeks, type Cell, type RowWeek } from './lay-run';
import type { SeasonChanges } from './season-input';

/** Phases that are laid in blocks with a lighter week. */
export const LOADED: readonly Phase[] = ['general', 'specific', 'pre-season', 'in-season'];

/** What blocks are laid by besides the weeks. */
export interface Laying {
  readonly weeks: readonly PhaseWeek[];
  readonly gentle: boolean;
  readonly lengths: SeasonChanges['blocks'];
  /** loading weeks that the first block has behind it already */
  readonly behind: number;
}

/**
 * The blocks of one segment: weeks of one phase (BLOCK-1, WEEK-7).
 * @param open its week numbers, closed ones left out
 */
export function segmentBlocks(open: readonly number[], laying: Laying): Cell[][] {
  const { weeks, gentle, behind } = laying;
  const first = weeks[open[0] ?? -1];
  if (!first || !LOADED.includes(first.phase)) return [rowWeeks(open.length)];
  const next = weeks[(open.at(-1) ?? 0) + 1];
  const barrier = next !== undefined && (next.closed || next.phase === 'peak' || next.phase === 'congested');
  const blocks = layWeeks(open.length, gentle ? 3 : 4, barrier);
  const asUsual = moved(pausedAt(asWanted(blocks, open, laying, barrier), open, laying), open, laying, barrier);
  if (behind === 0 || !asUsual.flat().slice(0, behind).includes('lighter')) return asUsual;
  // the weeks behind were all loading ones: the lighter one is due now
  const rest = { ...laying, behind: 0 };
  const due: Cell[] = barrier && open.length === behind + 1 ? [3] : open.length > behind ? ['lighter'] : [];
  return [[...rowWeeks(behind), ...due], ...segmentBlocks(open.slice(behind + due.length), rest)].filter(
    (block) => block.length > 0,
  );
}

const rowWeeks = (count: number): Cell[] => Array.from({ length: count }, (_, i) => Math.min(i + 1, 3) as RowWeek);

/** A block the coach made longer or shorter, and the rest laid anew after it. */
function asWanted(blocks: Cell[][], open: readonly number[], laying: Laying, barrier: boolean): Cell[][] {
  let at = 0;
  for (let b = 0; b < blocks.length; b++) {
    const size = blocks[b]?.length ?? 0;
    const wanted = laying.lengths.find(({ from }) => from === laying.weeks[open[at] ?? -1]?.start)?.weeks;
    if (wanted !== undefined && wanted !== size) {
      const length = Math.min(wanted, open.length - at);
      const block = blockOf(length);
      if (barrier && at + length === open.length && block.at(-1) === 'lighter') block[length - 1] = 3;
      const rest = segmentBlocks(open.slice(at + length), { ...laying, behind: 0 });
      return [...blocks.slice(0, b), block, ...rest].filter((one) => one.length > 0);
    }
    at += size;
  }
  return blocks;
}

/** A pause of the hall is rest enough: no lighter week stands before one, and a block resumes past its own. */
function pausedAt(blocks: Cell[][], open: readonly number[], laying: Laying): Cell[][] {
  const cells = blocks.flatMap((block) => block.map((cell) => ({ cell, block })));
  for (let i = 1; i < open.length; i++) {
    if ((open[i] ?? 0) - (open[i - 1] ?? 0) === 1) continue;
    const at = cells[i];
    if (at?.cell === 'lighter') {
      const head = blocks.slice(0, blocks.indexOf(at.block) + 1).map((block) => [...block]);
      head.at(-1)?.pop();
      return [...head, ...segmentBlocks(open.slice(i), { ...laying, behind: 0 })];
    }
    const before = cells[i - 1];
    if (before?.cell === 'lighter') before.block[before.block.length - 1] = 3;
  }
  return blocks;
}

/** In season a lighter week that has no event moves to the next week that has one (WEEK-7). */
function moved(blocks: Cell[][], open: readonly number[], laying: Laying, barrier: boolean): Cell[][] {
  const { weeks } = laying;
  let at = 0;
  for (let b = 0; b < blocks.length; b++) {
    const block = blocks[b] ?? [];
    const lighter = at + block.length - 1;
    const eventsAt = (i: number): number => weeks[open[i] ?? -1]?.events ?? 0;
    const isInSeason = weeks[open[lighter] ?? -1]?.phase === 'in-season';
    if (block.at(-1) === 'lighter' && isInSeason && eventsAt(lighter) === 0) {
      let to = lighter + 1;
      while (to < open.length && eventsAt(to) === 0) to += 1;
      if (to < open.length) {
        const longer: Cell[] = [...block.slice(0, -1), ...new Array<Cell>(to - lighter).fill(3)];
        longer.push(barrier && to === open.length - 1 ? 3 : 'lighter');
        const rest = segmentBlocks(open.slice(to + 1), { ...laying, behind: 0 });
        return [...blocks.slice(0, b), longer, ...rest];
      }
    }
    at += block.length;
  }
  return blocks;
}
