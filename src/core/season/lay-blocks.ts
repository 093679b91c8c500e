import type { Phase } from '../library';
import type { MethodSettings } from '../method';
import type { PhaseWeek } from './lay-phases';
import type { SeasonChanges } from './season-input';
import { blockOf, layWeeks, type Cell, type RowWeek } from './lay-run';

/** A week's place in its block. */
export interface BlockWeek {
  /** counted through the season; null in a closed week */
  readonly block: number | null;
  /** 1 = the block's first week */
  readonly week: number;
  /** weeks the block has */
  readonly of: number;
  readonly kind: 'loading' | 'lighter' | 'congested' | 'peak' | 'transition' | 'closed';
  readonly rowWeek: RowWeek;
}

const LOADED: readonly Phase[] = ['general', 'specific', 'pre-season', 'in-season'];
/** What blocks are laid by besides the weeks. */
interface Laying {
  readonly weeks: readonly PhaseWeek[];
  readonly gentle: boolean;
  readonly lengths: SeasonChanges['blocks'];
  /** loading weeks that the first block has behind it already */
  readonly behind: number;
}

/**
 * Divides weeks into blocks of three loading weeks and a lighter one, two and one for the young and the new (BLOCK-1).
 * A closed hall pauses a block; congestion and peaks are blocks of their own and no lighter week stands before them.
 * @param weeks as `layPhases` gives them
 * @param gentle most of the squad are foundation level or under 16: blocks of 2 + 1
 * @param lengths weeks the coach wants of single blocks
 * @param done blocks of the first weeks, which stay as they are: an open one among them is gone on with
 * @returns one for each week
 */
export function layBlocks(
  weeks: readonly PhaseWeek[],
  gentle: boolean,
  settings: MethodSettings,
  lengths: SeasonChanges['blocks'] = [],
  done: readonly BlockWeek[] = [],
): BlockWeek[] {
  const from = openSince(done, weeks);
  const ahead = weeks.slice(from);
  const laying: Laying = { weeks: ahead, gentle, lengths, behind: done.length - from };
  const laid = new Array<BlockWeek | undefined>(ahead.length);
  let number = Math.max(0, ...done.slice(0, from).map(({ block }) => block ?? 0));
  segmentsOf(ahead, settings.season.pauseWeeks).forEach((segment, s) => {
    const open = segment.filter((i) => !ahead[i]?.closed);
    const blocks = segmentBlocks(open, s === 0 ? laying : { ...laying, behind: 0 });
    let at = 0;
    for (const block of blocks) {
      number += 1;
      block.forEach((cell, i) => {
        laid[open[at + i] ?? -1] = {
          block: number,
          week: i + 1,
          of: block.length,
          kind: kindOf(cell, ahead[open[at + i] ?? -1]),
          rowWeek: cell === 'lighter' ? 2 : cell,
        };
      });
      at += block.length;
    }
  });
  return weeks.map(
    (_week, i) => done[i] ?? laid[i - from] ?? { block: null, week: 0, of: 0, kind: 'closed', rowWeek: 1 },
  );
}

/** The week in which the block began that the weeks done left open; their number, when none is open. */
function openSince(done: readonly BlockWeek[], weeks: readonly PhaseWeek[]): number {
  const last = done.at(-1);
  const isOpen = last?.kind === 'loading' && weeks[done.length]?.phase === weeks[done.length - 1]?.phase;
  return isOpen ? done.findIndex(({ block }) => block === last.block) : done.length;
}

function kindOf(cell: Cell, week: PhaseWeek | undefined): BlockWeek['kind'] {
  const phase = week?.phase;
  if (phase === 'congested' || phase === 'peak' || phase === 'transition') return phase;
  return cell === 'lighter' || week?.exams ? 'lighter' : 'loading';
}

/** Runs of week numbers that are laid together: one phase each, a week alone with its neighbour. */
function segmentsOf(weeks: readonly PhaseWeek[], pauseWeeks: number): number[][] {
  const segments: number[][] = [];
  let closedFor = 0;
  weeks.forEach(({ phase, closed }, i) => {
    const segment = segments.at(-1);
    if (closed) {
      closedFor += 1;
      return;
    }
    const before = segment && weeks[segment.at(-1) ?? -1];
    if (segment && before?.phase === phase && closedFor <= pauseWeeks) segment.push(i);
    else segments.push([i]);
    closedFor = 0;
  });
  const isLoaded = (segment: readonly number[] | undefined): boolean =>
    segment !== undefined && LOADED.includes(weeks[segment[0] ?? -1]?.phase ?? 'return');
  const isNext = (a: readonly number[] | undefined, b: readonly number[] | undefined): boolean =>
    a !== undefined && b !== undefined && (a.at(-1) ?? 0) + 1 === b[0];
  for (let i = 0; i < segments.length; i++) {
    const [alone, after, before] = [segments[i], segments[i + 1], segments[i - 1]];
    if (alone?.length !== 1 || !isLoaded(alone)) continue;
    if (isLoaded(after) && isNext(alone, after)) segments.splice(i, 2, [...alone, ...(after ?? [])]);
    else if (isLoaded(before) && isNext(before, alone)) segments.splice(--i, 2, [...(before ?? []), ...alone]);
  }
  return segments;
}

/** The blocks of one segment. @param open its week numbers, closed ones left out */
function segmentBlocks(open: readonly number[], laying: Laying): Cell[][] {
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
