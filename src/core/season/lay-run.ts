/** Which of a block's three weeks a week is dosed as (BLOCK-5). */
export type RowWeek = 1 | 2 | 3;
/** One week of a block: the row week it takes, or its lighter week. */
export type Cell = RowWeek | 'lighter';

/**
 * Blocks of a run of weeks by their number alone (BLOCK-1).
 * @param size weeks of a block with its lighter one
 * @param barrier a peak, congestion or a closed hall follows: no lighter week stands before it
 */
export function layWeeks(count: number, size: 3 | 4, barrier: boolean): Cell[][] {
  const [whole, short]: Cell[][] = [
    [1, 2, 3, 'lighter'],
    [1, 3, 'lighter'],
  ];
  const usual = size === 4 ? (whole ?? []) : (short ?? []);
  const blocks: Cell[][] = [];
  let left = count;
  // what is left over is settled with the last whole blocks
  while (left > size + (size === 4 ? 2 : 1)) {
    blocks.push([...usual]);
    left -= size;
  }
  blocks.push(...tail(left, size, barrier));
  const last = blocks.at(-1);
  if (barrier && last?.at(-1) === 'lighter')
    blocks[blocks.length - 1] = last.map((_cell, i) => Math.min(i + 1, 3) as RowWeek);
  return blocks;
}

/** A block of so many weeks, its lighter one the last: short ones have none. */
export function blockOf(weeks: number): Cell[] {
  if (weeks <= 2) return weeks === 2 ? [1, 3] : new Array<Cell>(weeks).fill(1);
  if (weeks === 3) return [1, 3, 'lighter'];
  return [1, 2, ...new Array<Cell>(weeks - 3).fill(3), 'lighter'];
}

/** The last weeks of a run: at most a block and what does not make another one (BLOCK-1). */
function tail(left: number, size: 3 | 4, barrier: boolean): Cell[][] {
  if (left === 0) return [];
  if (left === 1) return [[1]];
  if (left === 2) return [[1, 3]];
  if (left === 3) return [[1, 3, 'lighter']];
  if (left === 4 && size === 4) return [[1, 2, 3, 'lighter']];
  if (left === 4) return barrier ? [[1, 3, 'lighter'], [1]] : [[1, 3, 3, 'lighter']];
  if (left === 5 && size === 4 && !barrier) return [[1, 2, 3, 3, 'lighter']];
  if (left === 5)
    return [
      [1, 3, 'lighter'],
      [1, 3],
    ];
  return [
    [1, 3, 'lighter'],
    [1, 3, 'lighter'],
  ];
}
