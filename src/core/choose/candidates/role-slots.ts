import type { Lead, Role } from '../../season';
import type { Phase } from '../../library';
import type { Slot } from '../../method';

/** What a session is for in its week, and how its main lifts lean, the leading one first (WEEK-8). */
export interface SessionRole {
  readonly role: Role;
  readonly leads: readonly Lead[];
  /** a kind of main lift that leads on a protected day of its week and is new to the squad: it enters here, beside (WEEK-6) */
  readonly enters: Lead | null;
}

/** What of a session decides which slots of its template are open. */
export interface SlotSetting {
  readonly minutes: number;
  readonly phase: Phase;
  /** a near event protects the day */
  readonly quiet: boolean;
  /** how the main lift leans where no plan deals it */
  readonly lead: Lead;
  /** movements the club's school of the main squat allows; null = any squat */
  readonly squats: readonly string[] | null;
}

/** A slot as its role narrows it, and as it stands in the template where the narrow one finds nothing. */
export interface RoleSlot {
  readonly slot: Slot;
  readonly wide: Slot | null;
}

const MAIN: Readonly<Record<Lead, Slot['families']>> = { knee: ['squat'], hip: ['hinge'] };
export const OTHER: Readonly<Record<Lead, Lead>> = { knee: 'hip', hip: 'knee' };
/** Single-leg work leans the other way than the main lift (SEL-10). */
const SINGLE: Readonly<Record<Lead, Slot['families']>> = { knee: ['single-leg-hip'], hip: ['single-leg-knee'] };
const REHEARSED: Readonly<Record<Lead, Slot['families']>> = {
  knee: ['squat', 'single-leg-knee'],
  hip: ['hinge', 'single-leg-hip'],
};
/** Up on knee days, away or aside on hip days: directions alternate over a week (JUMP-10). */
const DIRECTIONS: Readonly<Record<Lead, Slot['directions']>> = {
  knee: ['vertical'],
  hip: ['horizontal', 'lateral'],
};
const BOTH_KINDS: readonly Role[] = ['whole', 'C'];

/**
 * The slots of a template that are open for a session, narrowed by its role (SEL-7, WEEK-8): the main lift leans as the
 * role says and single-leg work the other way; a *whole* session has a second main lift of the other dominance at any
 * length, others from the minutes the template says; so has one in which a new lift enters.
 * @param of null = no plan: the template as it is, led as `lead` says
 */
export function roleSlots(slots: readonly Slot[], of: SessionRole | null, setting: SlotSetting): RoleSlot[] {
  const role = of?.role ?? 'A';
  const [first = setting.lead, second] = of?.leads ?? [];
  return slots.flatMap((slot): RoleSlot[] => {
    const isSecond = slot.main && slot.optional;
    const forced = isSecond && (second ?? of?.enters ?? null) !== null;
    if (!forced && !isOpen(slot, role, setting)) return [];
    if (isSecond)
      return [{ slot: bySchool(secondMain(slot, first, second ?? null, of?.enters ?? null), setting), wide: null }];
    if (slot.main) return [{ slot: bySchool({ ...slot, families: MAIN[first] }, setting), wide: slot }];
    if (slot.id === 'prep-rehearse') return [{ slot: { ...slot, families: REHEARSED[first] }, wide: slot }];
    if (slot.id === 'jump-1' && slot.directions.length === 0 && of && !BOTH_KINDS.includes(role))
      return [{ slot: { ...slot, directions: DIRECTIONS[first] }, wide: slot }];
    const isSingle = slot.families.includes('single-leg-knee') && slot.families.includes('single-leg-hip');
    return isSingle && !slot.guard && slot.block === 'single-leg' && !BOTH_KINDS.includes(role)
      ? [{ slot: { ...slot, families: SINGLE[first] }, wide: slot }]
      : [{ slot, wide: null }];
  });
}

/** The slots of a template that are open, as they stand in it. */
export const openSlots = (slots: readonly Slot[], setting: SlotSetting): RoleSlot[] =>
  slots.filter((slot) => isOpen(slot, 'A', setting)).map((slot) => ({ slot, wide: null }));

/** A knee-led main lift is the one the school squats with, a trap bar too (method 13). */
const bySchool = (slot: Slot, { squats }: SlotSetting): Slot =>
  squats && slot.families.includes('squat')
    ? { ...slot, families: squats.some(isHinge) ? ['squat', 'hinge'] : ['squat'], patterns: [...squats] }
    : slot;
const isHinge = (pattern: string): boolean => pattern.startsWith('hinge');

const isOpen = ({ phases, roles, from, days }: Slot, role: Role, { minutes, phase, quiet }: SlotSetting): boolean =>
  from <= minutes &&
  (phases.length === 0 || phases.includes(phase)) &&
  (roles.length === 0 || roles.includes(role)) &&
  (days === 'any' || (days === 'quiet') === quiet);

const ENTRY_SETS = 2;
const DEALT = 8;

/** The second main lift: the plan's, else the other dominance; where a new lift only enters, two sets of it (WEEK-6). */
function secondMain(slot: Slot, first: Lead, second: Lead | null, enters: Lead | null): Slot {
  const families = MAIN[second ?? enters ?? OTHER[first]];
  // the plan deals it: only minutes that hold no more leave it out (WEEK-9)
  if (second !== null) return { ...slot, families, worth: slot.worth * DEALT };
  if (enters === null) return { ...slot, families };
  return { ...slot, setsLess: 0, families, worth: slot.worth * DEALT, cap: { sets: ENTRY_SETS, amount: Infinity } };
}
