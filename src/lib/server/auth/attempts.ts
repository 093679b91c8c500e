import { createHash } from 'node:crypto';
import { eq, inArray, sql } from 'drizzle-orm';
import { attempt } from '../db/schema/auth';
import { authDatabase } from './auth';
import { ACCOUNT_WAITS, ADDRESS_WAITS, ANYWHERE_WAITS, countTry } from './waits';

const keyOf = (kind: 'account' | 'address' | 'here', value: string): string =>
  `${kind}:${createHash('sha256').update(value.trim().toLowerCase()).digest('hex')}`;

/** An account as it is tried from one address. */
const hereOf = (email: string, address: string): string => keyOf('here', `${email.trim()} ${address}`);

/**
 * Counts a try to sign in before the password is looked at.
 * @returns seconds to wait first; 0 = go on
 */
export async function beginTry(email: string, address: string): Promise<number> {
  const now = new Date();
  return authDatabase().transaction(async (tx) => {
    let wait = 0;
    // always in this order: two at once wait for each other instead of locking each other out
    for (const [key, waits] of [
      [hereOf(email, address), ACCOUNT_WAITS],
      [keyOf('account', email), ANYWHERE_WAITS],
      [keyOf('address', address), ADDRESS_WAITS],
    ] as const) {
      await tx.insert(attempt).values({ key, failures: 0, lastAt: now }).onConflictDoNothing();
      const [before] = await tx.select().from(attempt).where(eq(attempt.key, key)).for('update');
      const { waitS, after } = countTry(before ?? null, now, waits);
      await tx
        .update(attempt)
        .set({ failures: after.failures, lastAt: after.lastAt, blockedUntil: after.blockedUntil })
        .where(eq(attempt.key, key));
      wait = Math.max(wait, waitS);
      if (wait > 0) break;
    }
    return wait;
  });
}

/**
 * The try was right: the account starts anew, the address has one wrong try fewer. A wait the address has earned stays:
 * somebody with an account of their own must not lift it between guesses at others.
 */
export async function endTry(email: string, address: string): Promise<void> {
  const db = authDatabase();
  await db.delete(attempt).where(inArray(attempt.key, [keyOf('account', email), hereOf(email, address)]));
  await db
    .update(attempt)
    .set({
      failures: sql`greatest(0, ${attempt.failures} - 1)`,
      blockedUntil: sql`case when ${attempt.failures} >= ${ADDRESS_WAITS.free} then ${attempt.blockedUntil} end`,
    })
    .where(eq(attempt.key, keyOf('address', address)));
}
