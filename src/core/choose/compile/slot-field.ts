import type { Family } from '../../library';
import type { Running } from '../brief';
import type { SlotOptions } from '../candidates/options';

/** What the options of a slot are measured against. */
export interface SlotField {
  /** it has something as good that neither the last block nor another day of this one has (BLOCK-4) */
  readonly hasFresh: boolean;
  /** families of which it has something heavier than a band */
  readonly heavier: ReadonlySet<Family>;
}

/** Looks over a slot's options, beside what the block before and its own other days have. */
export function slotField(
  { slot, options }: SlotOptions,
  { lastBlock, otherDays }: Pick<Running, 'lastBlock' | 'otherDays'>,
): SlotField {
  const heavier = new Set(
    // what guards is chosen for what it does, not for its load
    slot.guard ? [] : options.filter(({ exercise }) => !isBand(exercise)).map(({ exercise }) => exercise.family),
  );
  const had = new Set([...lastBlock, ...otherDays]);
  const hasFresh = options.some(
    ({ exercise }) => !had.has(exercise.id) && !(isBand(exercise) && heavier.has(exercise.family)),
  );
  return { hasFresh, heavier };
}

/** Whether a band is all that loads it. */
export const isBand = ({ load }: SlotOptions['options'][number]['exercise']): boolean => load.kind === 'band';
