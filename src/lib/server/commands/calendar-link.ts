import { createHash, randomBytes } from 'node:crypto';
import { and, eq, gt, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { ok, type Result } from '$core/result';
import { withClub, type Tx } from '../db/client';
import { calendarLink } from '../db/schema';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { recordChanges } from './record-change';

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
const TOKEN = /^([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})\.([A-Za-z0-9_-]{43})$/;

const alive = (squadId: string) =>
  and(eq(calendarLink.squadId, squadId), isNull(calendarLink.revokedAt), gt(calendarLink.expiresAt, sql`now()`));

/**
 * Makes a secret address at which other calendars read a squad's season again by themselves, and ends the one before. The
 * secret is shown once; only its hash is kept.
 * @returns the path `/calendar/<club id>.<secret>.ics`
 */
export async function makeCalendarLink(
  tx: Tx,
  club: ClubContext,
  { id: squadId }: SquadRow,
  actor: string,
): Promise<string> {
  const secret = randomBytes(32).toString('base64url');
  await tx.update(calendarLink).set({ revokedAt: new Date() }).where(alive(squadId));
  await tx.insert(calendarLink).values({ clubId: club.clubId, id: v7(), squadId, hash: hashOf(secret), madeBy: actor });
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'calendar-link', squadId, from: null, to: { open: true } },
  ]);
  return `/calendar/${club.clubId}.${secret}.ics`;
}

/** Ends a squad's calendar address: whoever has it reads nothing any more. */
export async function endCalendarLink(
  tx: Tx,
  club: ClubContext,
  { id: squadId }: SquadRow,
  actor: string,
): Promise<Result<null>> {
  const ended = await tx
    .update(calendarLink)
    .set({ revokedAt: new Date() })
    .where(alive(squadId))
    .returning({ id: calendarLink.id });
  if (ended.length > 0)
    await recordChanges(tx, club.clubId, [
      { day: club.today, actor, subject: 'calendar-link', squadId, from: { open: true }, to: null },
    ]);
  return ok(null);
}

/** Whether a squad's calendar can be read from outside. */
export async function hasCalendarLink(tx: Tx, squadId: string): Promise<boolean> {
  const found = await tx.select({ id: calendarLink.id }).from(calendarLink).where(alive(squadId)).limit(1);
  return found.length > 0;
}

/** Opens the club's transaction for whoever holds an address. Wrong, ended and unknown ones answer alike: null. */
export async function withCalendarLink<T>(
  token: string,
  work: (tx: Tx, squadId: string) => Promise<T>,
): Promise<T | null> {
  const [, clubId, secret] = TOKEN.exec(token) ?? [];
  if (clubId === undefined || secret === undefined) return null;
  return withClub(clubId, async (tx) => {
    const [link] = await tx
      .select({ squadId: calendarLink.squadId })
      .from(calendarLink)
      .where(
        and(
          eq(calendarLink.hash, hashOf(secret)),
          isNull(calendarLink.revokedAt),
          gt(calendarLink.expiresAt, sql`now()`),
        ),
      );
    return link ? work(tx, link.squadId) : null;
  });
}
