import type { Exercise, Family } from '../../library';
import type { MethodTables } from '../../method';
import type { Context } from '../context';
import type { SlotOptions } from '../candidates/options';

/** What the options of a slot are measured against. */
export interface SlotField {
  /** it has something as good that neither the last block nor another day of this one has (BLOCK-4) */
  readonly hasFresh: boolean;
  /** families of which it has something heavier than a band */
  readonly heavier: ReadonlySet<Family>;
  /** families whose lift by load can be done on a bar, for who is past the first steps (SEL-10) */
  readonly onBar: ReadonlySet<Family>;
}

/** Looks over a slot's options, beside what the block before and its own other days have. */
export function slotField(
  { slot, options }: SlotOptions,
  { brief, rows, method }: Pick<Context, 'brief' | 'rows' | 'method'>,
): SlotField {
  const { lastBlock, otherDays } = brief.running;
  const heavier = new Set(
    // what guards is chosen for what it does, not for its load
    slot.guard ? [] : options.filter(({ exercise }) => !isBand(exercise)).map(({ exercise }) => exercise.family),
  );
  const had = new Set([...lastBlock, ...otherDays]);
  const hasFresh = options.some(
    ({ exercise }) => !had.has(exercise.id) && !(isBand(exercise) && heavier.has(exercise.family)),
  );
  const onBar = new Set(
    (slot.main && rows.liftLevel !== 'foundation' ? options : [])
      .filter((option) => isByLoad(option, method) && option.exercise.load.kind === 'barbell')
      .map(({ exercise }) => exercise.family),
  );
  return { hasFresh, heavier, onBar };
}

/** Rows written by a share of the maximum: assistance is not. */
const isByLoad = ({ row }: SlotOptions['options'][number], { doses }: MethodTables): boolean =>
  doses[row].intensity !== null;

const BELLS: readonly Exercise['load']['kind'][] = ['dumbbell', 'kettlebell'];

/** A bell that is soon too light for its row, where a bar would do: however much sooner it is picked up (SEL-10, ORD-7). */
export const isLightBell = (
  option: SlotOptions['options'][number],
  { onBar }: Pick<SlotField, 'onBar'>,
  method: MethodTables,
): boolean =>
  BELLS.includes(option.exercise.load.kind) && onBar.has(option.exercise.family) && isByLoad(option, method);

/** Whether a band is all that loads it. */
export const isBand = ({ load }: SlotOptions['options'][number]['exercise']): boolean => load.kind === 'band';
