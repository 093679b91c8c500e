import type { DoseRowId, MethodTables, Slot } from '../../method';
import type { Role } from '../../season';
import type { RoleSlot } from './role-slots';

/** The three lifts of a session in the tiers school. */
type Tier = 'total' | 'lower' | 'upper';

/** Which tier leads, role by role: it rotates through the week. */
const ORDER: Readonly<Record<Role, readonly Tier[]>> = {
  whole: ['total', 'lower', 'upper'],
  A: ['total', 'lower', 'upper'],
  B: ['lower', 'upper', 'total'],
  C: ['upper', 'total', 'lower'],
  A2: ['lower', 'upper', 'total'],
  B2: ['upper', 'total', 'lower'],
};
/** In these the total lift is an olympic one at its least; in the others a throw or a loaded jump. */
const OLYMPIC: readonly Role[] = ['whole', 'A', 'B'];
const PUSHES: readonly Role[] = ['whole', 'A', 'C', 'A2'];
/** Three lifts of equal rank: the two beside the lower one are as good as never left out. */
const TIER_WORTH = 100_000;

/**
 * A session of the tiers school (WEEK-8): a total, a lower and an upper lift, which of them leads rotates with the role.
 * The lower lift is the plan's; the total one is D-POW at its fewest sets, or D-BAL where no sets are counted; the upper
 * one pushes and pulls in turn, in the phase's strength rows. In A the total lift stands for the single-leg hip work.
 * @param slots open and narrowed by role, in the order of their template
 */
export function tierSlots(slots: readonly RoleSlot[], role: Role, method: MethodTables): RoleSlot[] {
  const at = (id: string): RoleSlot | undefined => slots.find(({ slot }) => slot.id === id);
  const isOlympic = OLYMPIC.includes(role);
  const total = at(isOlympic ? 'power' : 'throw') ?? at('power');
  const upper = at(PUSHES.includes(role) ? 'upper-push' : 'upper-pull');
  const lower = slots.filter(({ slot }) => slot.id === 'main' || slot.id === 'main-trunk');
  const tiers: Readonly<Record<Tier, readonly RoleSlot[]>> = {
    total: total ? [changed(total, asTotal(isOlympic ? 'D-POW' : 'D-BAL', method))] : [],
    lower,
    upper: upper ? [asUpper(upper, method)] : [],
  };
  const lifts = ORDER[role].flatMap((tier) => tiers[tier]);
  const gone = new Set([
    ...lifts.map(({ slot }) => slot.id),
    'power',
    'throw',
    ...(role === 'A' ? ['single-leg'] : []),
  ]);
  const first = slots.findIndex(({ slot }) => gone.has(slot.id));
  const others = (part: readonly RoleSlot[]): RoleSlot[] => part.filter(({ slot }) => !gone.has(slot.id));
  return first < 0 ? [...slots] : [...others(slots.slice(0, first)), ...lifts, ...others(slots.slice(first))];
}

/** A loaded press or pull; where the place has none, the hardest there is. */
function asUpper({ slot }: RoleSlot, { settings }: MethodTables): RoleSlot {
  const wide: Slot = { ...slot, block: 'main', group: null, rows: 'strength', worth: TIER_WORTH };
  return { slot: { ...wide, patterns: settings.lifts.tierUppers }, wide };
}

const asTotal = (row: DoseRowId, { doses }: MethodTables): Partial<Slot> => ({
  group: null,
  rows: [row],
  worth: TIER_WORTH,
  cap: { sets: doses[row].sets[0], amount: Infinity },
});

const changed = ({ slot, wide }: RoleSlot, own: Partial<Slot>): RoleSlot => ({
  slot: { ...slot, ...own },
  wide: wide && { ...wide, ...own },
});
