import { daysBetween, type Day } from '../calendar';
import type { Muscle, Quality } from '../library';

/** A moment of the sport in which an athlete is weak, and what lies behind it (START-12). */
export interface WeakMoment {
  readonly id: string;
  readonly name: string;
  readonly quality: Quality;
  /** empty = the quality alone */
  readonly muscles: readonly Muscle[];
}

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
