import { lt } from 'drizzle-orm';
import { authDatabase } from './auth/auth';
import { forgetOldHealth } from './commands/forget';
import { withClub } from './db/client';
import { clubTouch, command } from './db/schema';
import { attempt, invite, organization, session } from './db/schema/auth';
import { loadClub } from './repositories/club-context';

const EVERY_MS = 6 * 3_600_000;
const FIRST_AFTER_MS = 60_000;
const DAY_MS = 86_400_000;
/** Longer than any device waits with what it sends again. */
const COMMAND_DAYS = 35;
/** Longer than any process trusts what it keeps. */
const TOUCH_MS = 3 * 3_600_000;

/** Lets go of what has had its time, in every club. Two processes may do it at once: it finds less the second time. */
export async function keepHouse(now = new Date()): Promise<void> {
  const db = authDatabase();
  await db.delete(session).where(lt(session.expiresAt, now));
  await db.delete(invite).where(lt(invite.expiresAt, now));
  await db.delete(attempt).where(lt(attempt.lastAt, new Date(now.getTime() - 2 * DAY_MS)));
  const clubs = await db.select({ id: organization.id }).from(organization);
  for (const { id } of clubs)
    await withClub(id, async (tx) => {
      await forgetOldHealth(tx, await loadClub(tx));
      await tx.delete(command).where(lt(command.at, new Date(now.getTime() - COMMAND_DAYS * DAY_MS)));
      await tx.delete(clubTouch).where(lt(clubTouch.at, new Date(now.getTime() - TOUCH_MS)));
    });
}

/** Keeps house soon after the start and every few hours; a round that fails is said and tried again. */
export function startHousekeeping(): void {
  const round = (): void => {
    keepHouse().catch((failure: unknown) => {
      console.error(`housekeeping: ${failure instanceof Error ? failure.message : 'failed'}`);
    });
  };
  setTimeout(round, FIRST_AFTER_MS).unref();
  setInterval(round, EVERY_MS).unref();
}
