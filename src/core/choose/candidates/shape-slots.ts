import type { Family, Library } from '../../library';
import { getExercise } from '../../library';
import type { DoseRowId, Slot } from '../../method';
import { blockOf } from '../../session';
import type { Brief, Pin } from '../brief';
import type { RoleSlot } from './role-slots';

/** A slot with nothing narrowed: what a coach's own line stands in. */
const OPEN: Omit<Slot, 'id' | 'block' | 'group' | 'families' | 'rows'> = {
  patterns: [],
  qualities: [],
  spareRows: [],
  maxTier: null,
  directions: [],
  guard: false,
  main: false,
  phases: [],
  roles: [],
  from: 0,
  days: 'any',
  worth: 0,
  cap: null,
  optional: false,
};

const ASSISTANCE: readonly DoseRowId[] = [
  'D-ASST',
  'D-TRK',
  'D-ISO',
  'D-ECC',
  'D-STAB',
  'D-SLED',
  'D-COND',
  'D-MOB',
  'D-PREP',
];
const ROWS: Readonly<Partial<Record<Family, Slot['rows']>>> = {
  squat: 'strength',
  hinge: 'strength',
  olympic: ['D-POW', 'D-BAL'],
  jump: ['D-SLOW', 'D-FAST', 'D-LAND', 'D-SKILL', 'D-SHOCK'],
};

/**
 * The slots of a session as the coach shaped it: without what was taken off, with a slot for each line of the coach's own,
 * paired as the lines were paired, in the coach's order; started from a kept card, nothing but getting warm and those.
 * What the order does not name stays behind what stands before it.
 */
export function shapeSlots(
  slots: readonly RoleSlot[],
  { shape, pins, still = false }: Brief,
  library: Library,
): RoleSlot[] {
  const known = new Set(slots.map(({ slot }) => slot.id));
  const kept = slots
    .filter(
      ({ slot }) =>
        !shape.without.includes(slot.id) &&
        (!shape.alone || slot.block === 'prep') &&
        (!still || Object.hasOwn(pins, slot.id)),
    )
    .map(({ slot, wide }) => {
      const at = Object.hasOwn(pins, slot.id) ? pins[slot.id]?.at : undefined;
      return at ? { slot: { ...slot, ...at }, wide: wide && { ...wide, ...at } } : { slot, wide };
    });
  const own = Object.entries(pins).flatMap(([id, pin]) =>
    known.has(id) ? [] : [{ slot: ownSlot(id, pin, library), wide: null }],
  );
  // a session closes with what cools down, whatever else is put on it
  const end = kept.findIndex(({ slot }) => slot.block === 'cool-down');
  const at = end === -1 ? kept.length : end;
  return inOrder([...kept.slice(0, at), ...own, ...kept.slice(at)], shape.order);
}

function ownSlot(id: string, { exerciseId, at }: Pin, library: Library): Slot {
  const { family } = getExercise(library, exerciseId);
  return {
    ...OPEN,
    id,
    block: at?.block ?? blockOf(family),
    group: at?.group ?? null,
    families: [family],
    rows: ROWS[family] ?? [...ASSISTANCE],
  };
}

function inOrder(slots: readonly RoleSlot[], order: readonly string[]): RoleSlot[] {
  if (order.length === 0) return [...slots];
  const byId = new Map(slots.map((one) => [one.slot.id, one]));
  const placed = order.flatMap((id) => byId.get(id) ?? []);
  slots.forEach((one, i) => {
    if (placed.includes(one)) return;
    const before = slots
      .slice(0, i)
      .reverse()
      .find((earlier) => placed.includes(earlier));
    placed.splice(before ? placed.indexOf(before) + 1 : 0, 0, one);
  });
  return placed;
}
