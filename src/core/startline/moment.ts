import { daysBetween, type Day } from '../calendar';
import type { WeakMoment } from '../athlete';

/** A weak moment as it is kept: which, since when, and who named it (START-12). */
export interface SetMoment {
  readonly id: string;
  readonly since: Day;
  readonly by: 'coach' | 'athlete';
}

/**
 * The moment that counts on a day: it weighs for one block and then asks to be named again.
 * @param known the sport's own moments and those of every sport
 * @param blockDays how long it weighs
 */
export function momentOn(
  kept: SetMoment | null,
  known: readonly WeakMoment[],
  day: Day,
  blockDays: number,
): WeakMoment | null {
  if (!kept || day < kept.since || daysBetween(kept.since, day) >= blockDays) return null;
  return known.find(({ id }) => id === kept.id) ?? null;
}
