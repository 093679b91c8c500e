import type { Dose } from '../dose';
import type { MethodTables } from '../method';

/** Seconds are written in fives. */
const SECONDS_STEP = 5;

/**
 * Reps or time with a third taken off, at least one rep (PROG-4, DOSE-1); seconds stay in fives.
 * @returns null when nothing is left to take off
 */
export function aThirdLess({ amount, unit }: Pick<Dose, 'amount' | 'unit'>, { settings }: MethodTables): number | null {
  const third = Math.max(1, Math.floor(amount * settings.progress.cutShare));
  const left = amount - third;
  const written = unit === 'seconds' ? Math.floor(left / SECONDS_STEP) * SECONDS_STEP : left;
  return written > 0 ? written : null;
}
