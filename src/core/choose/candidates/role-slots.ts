import type { Lead, Role } from '../../season';
import type { Slot } from '../../method';

/** What a session is for in its week, and how its main lifts lean, the leading one first (WEEK-8). */
export interface SessionRole {
  readonly role: Role;
  readonly leads: readonly Lead[];
  /** a kind of main lift that leads on a protected day of its week and is new to the squad: it enters here, beside (WEEK-6) */
  readonly enters: Lead | null;
}

/** A slot as its role narrows it, and as it stands in the template where the narrow one finds nothing. */
export interface RoleSlot {
  readonly slot: Slot;
  readonly wide: Slot | null;
}

const MAIN: Readonly<Record<Lead, Slot['families']>> = { knee: ['squat'], hip: ['hinge'] };
/** Single-leg work leans the other way than the main lift (SEL-10). */
const SINGLE: Readonly<Record<Lead, Slot['families']>> = { knee: ['single-leg-hip'], hip: ['single-leg-knee'] };

/**
 * The slots of a template for a role (WEEK-8): the main lift leans as the role says and single-leg work the other way; a
 * *whole* session has a second main lift of the other dominance, a set less; so has one in which a new lift enters. C keeps both kinds of single-leg work open.
 * @param of null = no plan: the template as it is
 */
export function roleSlots(slots: readonly Slot[], of: SessionRole | null): RoleSlot[] {
  const [first, second] = of?.leads ?? [];
  if (!of || !first) return slots.map((slot) => ({ slot, wide: null }));
  return slots.flatMap((slot): RoleSlot[] => {
    if (slot.main) {
      const main = { slot: { ...slot, families: MAIN[first] }, wide: slot };
      const beside = second ?? of.enters;
      if (!beside) return [main];
      const other: Slot = {
        ...slot,
        id: SECOND_MAIN,
        group: null,
        optional: true,
        families: MAIN[beside],
        ...(second ? { setsLess: 1 } : { cap: { sets: ENTRY_SETS, amount: Infinity } }),
      };
      return [main, { slot: other, wide: null }];
    }
    const isSingle = slot.families.includes('single-leg-knee') && slot.families.includes('single-leg-hip');
    const bothKinds = of.role === 'whole' || of.role === 'C';
    return isSingle && !slot.guard && !bothKinds
      ? [{ slot: { ...slot, families: SINGLE[first] }, wide: slot }]
      : [{ slot, wide: null }];
  });
}

const SECOND_MAIN = 'main-2';
const ENTRY_SETS = 2;
