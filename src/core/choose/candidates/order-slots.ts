import type { Schools, Slot } from '../../method';

/**
 * Slots in the order of the school (ORD-1): the *single-leg first* school does the single-leg block before the main
 * two-leg lifts; everything else stays where the template has it.
 */
export function orderSlots(slots: readonly Slot[], order: Schools['order']): Slot[] {
  if (order === 'two-leg first') return [...slots];
  const single = slots.filter((slot) => slot.block === 'single-leg');
  const rest = slots.filter((slot) => slot.block !== 'single-leg');
  const at = rest.findIndex((slot) => slot.block === 'main');
  return at === -1 ? [...slots] : [...rest.slice(0, at), ...single, ...rest.slice(at)];
}
