import { createHash, randomBytes } from 'node:crypto';
import { and, asc, desc, eq, gt, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import { withClub } from '../db/client';
import { staff } from '../db/schema';
import { invite, member, organization, user } from '../db/schema/auth';
import type { Role } from './access';
import { authDatabase } from './auth';

const OPEN_DAYS = 14;
const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
const isOpen = () => and(isNull(invite.usedAt), gt(invite.expiresAt, new Date()));

/** @returns the path of the link, shown once: only its hash is kept */
export async function makeInvite(clubId: string, inviterId: string, role: Role): Promise<string> {
  const secret = randomBytes(32).toString('base64url');
  const expiresAt = new Date(Date.now() + OPEN_DAYS * 86_400_000);
  await authDatabase()
    .insert(invite)
    .values({ id: v7(), organizationId: clubId, inviterId, role, hash: hashOf(secret), expiresAt });
  return `/join/${secret}`;
}

/** What an open link leads to; wrong, used and ended links are alike: null. */
export async function findInvite(secret: string) {
  const [found] = await authDatabase()
    .select({ id: invite.id, clubId: invite.organizationId, role: invite.role, club: organization.name })
    .from(invite)
    .innerJoin(organization, eq(organization.id, invite.organizationId))
    .where(and(eq(invite.hash, hashOf(secret)), isOpen()));
  return found ?? null;
}

/** Takes a person into the club of a link, once: who comes second with it is not let in. */
export async function useInvite(secret: string, person: { id: string; name: string }): Promise<boolean> {
  const taken = await authDatabase().transaction(async (tx) => {
    const [mine] = await tx
      .update(invite)
      .set({ usedAt: new Date() })
      .where(and(eq(invite.hash, hashOf(secret)), isOpen()))
      .returning();
    if (!mine) return null;
    const { organizationId, role } = mine;
    await tx
      .insert(member)
      .values({ id: v7(), organizationId, userId: person.id, role, createdAt: new Date() })
      .onConflictDoNothing();
    return organizationId;
  });
  if (taken === null) return false;
  await withClub(taken, (tx) =>
    tx.insert(staff).values({ clubId: taken, userId: person.id, displayName: person.name }).onConflictDoNothing(),
  );
  return true;
}

/** Links of a club nobody has used yet, newest first. */
export const openInvites = (clubId: string) =>
  authDatabase()
    .select({ id: invite.id, role: invite.role, expiresAt: invite.expiresAt })
    .from(invite)
    .where(and(eq(invite.organizationId, clubId), isOpen()))
    .orderBy(desc(invite.createdAt));

export async function endInvite(clubId: string, id: string): Promise<void> {
  await authDatabase()
    .delete(invite)
    .where(and(eq(invite.organizationId, clubId), eq(invite.id, id), isNull(invite.usedAt)));
}

/** The staff of a club, who came first first. */
export const staffOf = (clubId: string) =>
  authDatabase()
    .select({ userId: user.id, name: user.name, email: user.email, role: member.role })
    .from(member)
    .innerJoin(user, eq(user.id, member.userId))
    .where(eq(member.organizationId, clubId))
    .orderBy(asc(member.createdAt), asc(user.id));

/**
 * Ends a person's place in a club; their next request is a stranger's.
 * @returns false for the last head coach, or nobody of this club
 */
export async function removeStaff(clubId: string, userId: string): Promise<boolean> {
  return authDatabase().transaction(async (tx) => {
    const all = await tx.select().from(member).where(eq(member.organizationId, clubId)).for('update');
    const gone = all.find((one) => one.userId === userId);
    const heads = all.filter(({ role }) => role === 'head-coach');
    if (!gone || (gone.role === 'head-coach' && heads.length < 2)) return false;
    await tx.delete(member).where(eq(member.id, gone.id));
    return true;
  });
}
