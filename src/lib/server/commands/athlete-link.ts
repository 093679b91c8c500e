import { createHash, randomBytes } from 'node:crypto';
import { and, eq, gt, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { withClub, type Tx } from '../db/client';
import { athleteLink } from '../db/schema';
import { lockAthletes } from './refold';

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
const TOKEN = /^([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})\.([A-Za-z0-9_-]{43})$/;

/**
 * Makes an athlete's personal way in and ends the one before. The secret is shown once; only its hash is kept.
 * @returns the path `/a/<club id>.<secret>`
 */
export async function makeLink(tx: Tx, clubId: string, athleteId: string): Promise<string> {
  const secret = randomBytes(32).toString('base64url');
  // two who make one at once make one after the other: only the last is alive
  await lockAthletes(tx, [athleteId]);
  await tx
    .update(athleteLink)
    .set({ revokedAt: new Date() })
    .where(and(eq(athleteLink.athleteId, athleteId), isNull(athleteLink.revokedAt)));
  await tx.insert(athleteLink).values({ clubId, id: v7(), athleteId, hash: hashOf(secret) });
  return `/a/${clubId}.${secret}`;
}

/** Ends an athlete's way in. */
export async function revokeLink(tx: Tx, athleteId: string): Promise<void> {
  await tx
    .update(athleteLink)
    .set({ revokedAt: new Date() })
    .where(and(eq(athleteLink.athleteId, athleteId), isNull(athleteLink.revokedAt)));
}

/**
 * Opens the club's transaction for whoever holds a link. Wrong, ended and unknown links answer alike: null.
 */
export async function withLink<T>(
  token: string,
  work: (tx: Tx, of: { clubId: string; athleteId: string }) => Promise<T>,
): Promise<T | null> {
  const [, clubId, secret] = TOKEN.exec(token) ?? [];
  if (clubId === undefined || secret === undefined) return null;
  return withClub(clubId, async (tx) => {
    const [link] = await tx
      .select({ athleteId: athleteLink.athleteId })
      .from(athleteLink)
      .where(
        and(eq(athleteLink.hash, hashOf(secret)), isNull(athleteLink.revokedAt), gt(athleteLink.expiresAt, sql`now()`)),
      );
    return link ? work(tx, { clubId, athleteId: link.athleteId }) : null;
  });
}
