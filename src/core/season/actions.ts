import type { Phase } from '../library';
import type { MethodSettings, Schools } from '../method';
import type { BlockWeek } from './lay-blocks';

/** What a block of the three-action school does of its lifts and jumps, in turn. */
export type Action = MethodSettings['season']['actions'][number];

const OFF_SEASON: readonly Phase[] = ['general', 'specific'];

/**
 * Blocks with what they do (BLOCK-3, BLOCK-5): in the three-action school the blocks of the off-season take eccentric,
 * isometric and concentric in turn, and what of them reaches into the pre-season is as usual.
 * @returns the same blocks in every other school
 */
export function withActions(
  weeks: readonly { readonly phase: Phase }[],
  blocks: readonly BlockWeek[],
  { loading }: Pick<Schools, 'loading'>,
  { season }: MethodSettings,
): readonly BlockWeek[] {
  if (loading !== 'three-action') return blocks;
  const turns: number[] = [];
  return blocks.map((block, i) => {
    const phase = weeks[i]?.phase;
    if (phase === undefined || !OFF_SEASON.includes(phase) || block.block === null) return block;
    if (!turns.includes(block.block)) turns.push(block.block);
    return { ...block, action: season.actions[turns.indexOf(block.block) % season.actions.length] ?? null };
  });
}
