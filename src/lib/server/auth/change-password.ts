import { eq, and } from 'drizzle-orm';
import type { RequestEvent } from '@sveltejs/kit';
import { clientAddress } from '../client-address';
import { account } from '../db/schema/auth';
import { beginTry, endTry } from './attempts';
import { auth, authDatabase } from './auth';
import type { Identity } from './identity';
import { refusePassword } from './passwords';
import { endOtherSessions } from './sessions';
import { sayTooMany } from './sign-in';

/**
 * Changes a person's own password and signs them out everywhere else. Guessing the current one counts like a try to sign
 * in: an open page must not become a way round the waits.
 * @returns null when changed, else the field and what to say there
 */
export async function changePassword(
  event: Pick<RequestEvent, 'platform' | 'getClientAddress'>,
  { userId, email, name, sessionId }: Identity,
  { current, password }: { readonly current: string; readonly password: string },
): Promise<{ readonly status: number; readonly field: 'current' | 'password'; readonly message: string } | null> {
  const weak = refusePassword(password, [email, name]);
  if (weak !== null) return { status: 400, field: 'password', message: weak };
  const address = clientAddress(event);
  const waitS = await beginTry(email, address);
  if (waitS > 0)
    return {
      status: 429,
      field: 'current',
      message: sayTooMany(waitS),
    };
  const mine = and(eq(account.userId, userId), eq(account.providerId, 'credential'));
  const [row] = await authDatabase().select({ hash: account.password }).from(account).where(mine);
  const { password: passwords } = await auth().$context;
  if (!row?.hash || !(await passwords.verify({ hash: row.hash, password: current })))
    return { status: 400, field: 'current', message: 'That is not your current password.' };
  await endTry(email, address);
  await authDatabase()
    .update(account)
    .set({ password: await passwords.hash(password), updatedAt: new Date() })
    .where(mine);
  await endOtherSessions(userId, sessionId);
  return null;
}
