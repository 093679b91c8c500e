import { daysBetween } from '../../calendar';
import type { Context } from '../context';
import type { Option, SlotOptions } from './options';

const TURNS_FROM = '2000-01-03';
// primes beyond the number of drills a slot can have: neighbours in the library do not follow one another, and a week
// on, the same weekday is at another drill, however many there are
const STRIDE = 31;
const TURNS_A_WEEK = 101;

/**
 * Prep chosen drill by drill (ORD-8): each slot takes one, each movement once; a drill that mends a limiting range comes
 * first and stays, the others vary from session to session, none of the last one's where others are left (BLOCK-4).
 * @returns the slots, those of prep with the one drill they take
 */
export function choosePrep(slots: readonly SlotOptions[], context: Context): SlotOptions[] {
  const { brief, bonuses } = context;
  const taken = new Set<string>();
  const days = daysBetween(TURNS_FROM, brief.day);
  const turn = Math.floor(days / 7) * TURNS_A_WEEK + (days % 7);
  return slots.map((entry, at) => {
    const { slot } = entry;
    if (slot.block !== 'prep') return entry;
    const pinned = Object.hasOwn(brief.pins, slot.id);
    const left = pinned ? entry.options : entry.options.filter(({ exercise }) => !taken.has(exercise.pattern));
    // its own turn by slot and day, so that squads that meet on the same weekday do not see the same drill for ever
    const order = (i: number): number => (i * STRIDE + turn + at * 3) % Math.max(1, left.length);
    const worth = ({ exercise }: Option): number =>
      bonuses.reduce((sum, { points, serves }) => sum + (serves(exercise, slot) ? (points[1] ?? 0) : 0), 0);
    const ranked = left
      .map((option, i) => ({
        option,
        worth: worth(option),
        again: brief.running.prep.includes(option.exercise.id) ? 1 : 0,
        turn: order(i),
      }))
      .sort(
        (a, b) =>
          b.worth - a.worth || a.again - b.again || a.option.barredShare - b.option.barredShare || a.turn - b.turn,
      );
    const chosen = ranked[0]?.option;
    if (!chosen) return { ...entry, options: [] };
    taken.add(chosen.exercise.pattern);
    return { ...entry, options: [chosen] };
  });
}
