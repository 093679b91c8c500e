import { createHash, randomBytes } from 'node:crypto';
import { and, eq, gt, inArray, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { withClub, type Tx } from '../db/client';
import { athleteLink } from '../db/schema';
import { lockAthletes } from './refold';

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
const TOKEN = /^([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})\.([A-Za-z0-9_-]{43})$/;

const alive = (athleteIds: readonly string[]) =>
  and(inArray(athleteLink.athleteId, [...athleteIds]), isNull(athleteLink.revokedAt));

/**
 * Makes an athlete's personal way in and ends the one before. The secret is shown once; only its hash is kept.
 * @returns the path `/a/<club id>.<secret>`
 */
export async function makeLink(tx: Tx, clubId: string, athleteId: string): Promise<string> {
  const made = await makeLinks(tx, clubId, [athleteId]);
  return made.get(athleteId) ?? '';
}

/** The same for many at once. @returns paths by athlete */
export async function makeLinks(tx: Tx, clubId: string, athleteIds: readonly string[]): Promise<Map<string, string>> {
  if (athleteIds.length === 0) return new Map();
  const secrets = athleteIds.map((athleteId) => ({ athleteId, secret: randomBytes(32).toString('base64url') }));
  // two who make one at once make one after the other: only the last is alive
  await lockAthletes(tx, athleteIds);
  await revokeLinks(tx, athleteIds);
  await tx
    .insert(athleteLink)
    .values(secrets.map(({ athleteId, secret }) => ({ clubId, id: v7(), athleteId, hash: hashOf(secret) })));
  return new Map(secrets.map(({ athleteId, secret }) => [athleteId, `/a/${clubId}.${secret}`]));
}

/** Ends an athlete's way in. */
export const revokeLink = (tx: Tx, athleteId: string): Promise<number> => revokeLinks(tx, [athleteId]);

/** Ends the ways in of many. @returns how many there were */
export async function revokeLinks(tx: Tx, athleteIds: readonly string[]): Promise<number> {
  if (athleteIds.length === 0) return 0;
  const ended = await tx
    .update(athleteLink)
    .set({ revokedAt: new Date() })
    .where(alive(athleteIds))
    .returning({ id: athleteLink.id });
  return ended.length;
}

/** Who of some athletes has a way in that is alive. */
export async function linkedAmong(tx: Tx, athleteIds: readonly string[]): Promise<Set<string>> {
  if (athleteIds.length === 0) return new Set();
  const rows = await tx
    .select({ athleteId: athleteLink.athleteId })
    .from(athleteLink)
    .where(and(alive(athleteIds), gt(athleteLink.expiresAt, sql`now()`)));
  return new Set(rows.map(({ athleteId }) => athleteId));
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
