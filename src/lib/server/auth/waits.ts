/** How many wrong tries are free, and how the wait grows after them. */
export interface Waits {
  readonly free: number;
  readonly firstS: number;
  readonly longestS: number;
}

/** An account is one person's: a handful of slips is free, from each address, so that a stranger shuts nobody else out. */
export const ACCOUNT_WAITS: Waits = { free: 5, firstS: 15, longestS: 15 * 60 };
/** From wherever they come together: many addresses guess no faster than this. */
export const ANYWHERE_WAITS: Waits = { free: 100, firstS: 5, longestS: 60 };
/** A gym shares one address: a squad of slips is free. */
export const ADDRESS_WAITS: Waits = { free: 30, firstS: 15, longestS: 15 * 60 };

/** Wrong tries are forgotten after so long without one. */
const FORGOTTEN_AFTER_MS = 24 * 3_600_000;

export interface Tries {
  readonly failures: number;
  readonly lastAt: Date;
  readonly blockedUntil: Date | null;
}

/**
 * One more try on a key. It counts as wrong until it has proven right, so that many at once gain nothing.
 * @returns how long to wait first, s (0 = go on), and what to remember
 */
export function countTry(before: Tries | null, now: Date, { free, firstS, longestS }: Waits) {
  const stale = before && now.getTime() - before.lastAt.getTime() > FORGOTTEN_AFTER_MS;
  const known = stale ? null : before;
  if (known?.blockedUntil && known.blockedUntil > now)
    return { waitS: Math.ceil((known.blockedUntil.getTime() - now.getTime()) / 1000), after: known };
  const failures = (known?.failures ?? 0) + 1;
  const over = failures - free;
  const pauseS = over < 0 ? 0 : Math.min(longestS, firstS * 2 ** Math.min(over, 20));
  const blockedUntil = pauseS === 0 ? null : new Date(now.getTime() + pauseS * 1000);
  return { waitS: 0, after: { failures, lastAt: now, blockedUntil } };
}
