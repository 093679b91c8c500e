import type { MethodSettings } from '../method';
import type { Action } from './actions';
import type { PhaseWeek } from './lay-phases';
import type { SeasonChanges } from './season-input';
import { LOADED, segmentBlocks, type Laying } from './segment-blocks';
import type { Cell, RowWeek } from './lay-run';

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
  /** what its block does of each lift, in the three-action school */
  readonly action?: Action | null;
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
