import type { Template } from '../../method';
import type { SlotOptions } from '../candidates/options';
import { buildModel, type Compiled } from '../compile/build-model';
import type { Context } from '../context';
import { searchToTheClock, type Found } from './search-to-the-clock';

/** A selection with the slots and the model it was found in. */
export interface Sought {
  readonly slots: readonly SlotOptions[];
  readonly compiled: Compiled;
  readonly found: Found | null;
}

/**
 * The selection with all the sets of its main lifts. Where they may have fewer it is sought again with those, and that
 * is taken where the others do not fit, or keep out what is worth more than they are (WEEK-9: the mains come first, then
 * the other side of the leg). What a plan writes is only cut where it does not fit (BLOCK-5).
 * @param slots with what may stand in each
 * @param fewerSets the same with mains of fewer sets beside
 */
export function searchMains(
  slots: readonly SlotOptions[],
  fewerSets: () => readonly SlotOptions[],
  template: Template,
  context: Context,
): Sought {
  const seek = (of: readonly SlotOptions[]): Sought => {
    const compiled = buildModel(of, template, context);
    return { slots: of, compiled, found: searchToTheClock(of, compiled, context) };
  };
  const whole = seek(slots);
  const planned = context.brief.planned.length > 0;
  if (planned && whole.found && whole.found.overS <= 0) return whole;
  const others = fewerSets();
  if (others.every(({ options }, i) => options.length === slots[i]?.options.length)) return whole;
  const fewer = seek(others);
  return isBetter(fewer.found, whole.found, context) ? fewer : whole;
}

const isBetter = (fewer: Found | null, whole: Found | null, { method }: Context): boolean =>
  fewer !== null &&
  (whole === null ||
    fewer.overS < whole.overS ||
    (fewer.overS <= whole.overS && fewer.worth > whole.worth + method.settings.choice.mainSets));
