import { isMainSlot } from '../../session';
import type { Template } from '../../method';
import type { SlotOptions } from '../candidates/options';
import type { Context } from '../context';
import { guardsOf, heldBefore, partsMissing } from '../week-parts';
import { searchMains, type Sought } from './search-mains';

/**
 * The selection with every set that its lines have just earned. Where a week's last session then lacks a part for want of
 * minutes, it is sought again with those sets waiting, and that is taken where the week lacks less: a whole week comes
 * before a step (WEEK-9, PROG-16). What waits stays owned.
 * @param filled the slots of the session with what may stand in each
 */
export function searchWhole(
  filled: (of: Context) => readonly SlotOptions[],
  slots: readonly SlotOptions[],
  template: Template,
  context: Context,
): Sought {
  const seek = (of: readonly SlotOptions[], by: Context): Sought =>
    searchMains(of, () => filled({ ...by, mainsWhole: false }), template, by);
  const stepped = seek(slots, context);
  const lacks = earnsAnySet(context) ? lacking(stepped, context) : 0;
  if (lacks === 0) return stepped;
  const patient = { ...context, stepsWait: true };
  const waiting = seek(filled(patient), patient);
  return waiting.found && waiting.found.overS <= (stepped.found?.overS ?? Infinity) && lacking(waiting, context) < lacks
    ? waiting
    : stepped;
}

const earnsAnySet = ({ brief: { running } }: Context): boolean =>
  Object.values(running.steps).some(({ kind }) => kind === 'set-up');

/** How many parts the week lacks with this selection, if no session of it is to come. */
function lacking({ slots, compiled, found }: Sought, { brief, library, sport }: Context): number {
  if (!found || !brief.week?.isLast) return 0;
  const here = slots.flatMap(({ slot }, i) => {
    const option = compiled.options[i]?.[found.selection.picks[i] ?? 0];
    return option && slot.block !== 'prep' ? [{ exercise: option.exercise, main: isMainSlot(slot.id) }] : [];
  });
  return partsMissing([...heldBefore(brief.week, library), ...here], guardsOf(sport), brief.phase === 'congested')
    .length;
}
