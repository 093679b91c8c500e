import { and, asc, eq } from 'drizzle-orm';
import { member } from '../db/schema/auth';
import { ROLES, type Role } from './access';
import { auth, authDatabase } from './auth';
import { createClub } from './create-club';

const DEFAULT_ZONE = 'Europe/Madrid';

/** Who asks, for which club, as what. */
export interface Identity {
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  readonly clubId: string;
  readonly role: Role;
}

/** The signed-in person and the club they work in, or null. */
export async function identify(headers: Headers): Promise<Identity | null> {
  const found = await auth().api.getSession({ headers });
  if (!found) return null;
  const active = found.session.activeOrganizationId;
  const [membership] = await authDatabase()
    .select({ clubId: member.organizationId, role: member.role })
    .from(member)
    .where(and(eq(member.userId, found.user.id), active ? eq(member.organizationId, active) : undefined))
    .orderBy(asc(member.createdAt))
    .limit(1);
  // an account whose club was not finished (the server stopped in between) gets it now
  if (!membership && !active) {
    const clubId = await createClub(found.user, `Club of ${found.user.name}`, DEFAULT_ZONE);
    return { userId: found.user.id, name: found.user.name, email: found.user.email, clubId, role: 'head-coach' };
  }
  const role = ROLES.find((known) => known === membership?.role);
  if (!membership || !role) return null;
  return { userId: found.user.id, name: found.user.name, email: found.user.email, clubId: membership.clubId, role };
}

/**
 * The identity a guarded route may count on.
 * @throws {RangeError} the route was not guarded: a bug, since the hook turns strangers away
 */
export function identityOf(locals: { identity: Identity | null }): Identity {
  if (!locals.identity) throw new RangeError('identityOf: identity must be set by the hook');
  return locals.identity;
}
