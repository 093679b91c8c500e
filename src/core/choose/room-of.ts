import type { Library } from '../library';
import type { Room } from '../order';
import type { Brief } from './brief';

/**
 * Who lifts where at a session (ORD-7): a load is known where at least half of those present have a maximum of the lift it
 * is reckoned from, or have come to a load of the entry itself.
 */
export function roomOf(
  { athletes, tracks, place }: Pick<Brief, 'athletes' | 'tracks' | 'place'>,
  { exercises }: Library,
): Room {
  const loaded = athletes.map(
    ({ id }) =>
      new Set(
        (Object.hasOwn(tracks, id) ? (tracks[id] ?? []) : [])
          .filter(({ owned }) => owned?.dose.loadKg != null)
          .map(({ exerciseId }) => exerciseId),
      ),
  );
  const known = new Map<string, boolean>();
  const knows = (exerciseId: string): boolean => {
    const was = known.get(exerciseId);
    if (was !== undefined) return was;
    const lift = exercises.get(exerciseId)?.load.oneRepMax?.lift;
    const count = athletes.filter(
      ({ e1rmKg }, i) => (lift !== undefined && e1rmKg[lift] !== undefined) || loaded[i]?.has(exerciseId),
    ).length;
    known.set(exerciseId, count * 2 >= athletes.length);
    return count * 2 >= athletes.length;
  };
  return { present: athletes.length, racks: place.racks, knows };
}
