import { and, asc, eq, gt, or, isNull } from 'drizzle-orm';
import type { Cookies } from '@sveltejs/kit';
import { origin, signUpIsOpen } from '../config';
import { member, session, user } from '../db/schema/auth';
import { ROLES, type Role } from './access';
import { authDatabase } from './auth';
import { createClub } from './create-club';
import { readSessionToken } from './session-cookie';

const DEFAULT_ZONE = 'Europe/Madrid';

/** Who asks, for which club, as what. */
export interface Identity {
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  readonly clubId: string;
  readonly role: Role;
  /** the session's own id: says that two answers are for the same person, and nothing else */
  readonly sessionId: string;
}

const cookieName = (): string => `${origin().startsWith('https:') ? '__Secure-' : ''}better-auth.session_token`;

/** The signed-in person and the club they work in, or null: one statement, read anew at each request. */
export async function identify(cookies: Cookies): Promise<Identity | null> {
  const token = readSessionToken(cookies.get(cookieName()));
  if (token === null) return null;
  const [found] = await authDatabase()
    .select({
      userId: user.id,
      name: user.name,
      email: user.email,
      sessionId: session.id,
      active: session.activeOrganizationId,
      clubId: member.organizationId,
      role: member.role,
    })
    .from(session)
    .innerJoin(user, eq(user.id, session.userId))
    .leftJoin(
      member,
      and(
        eq(member.userId, user.id),
        or(isNull(session.activeOrganizationId), eq(member.organizationId, session.activeOrganizationId)),
      ),
    )
    .where(and(eq(session.token, token), gt(session.expiresAt, new Date())))
    .orderBy(asc(member.createdAt))
    .limit(1);
  if (!found) return null;
  const { userId, name, email, sessionId } = found;
  if (found.clubId === null) {
    if (found.active !== null || !signUpIsOpen()) return null;
    // an account whose club was not finished (the server stopped in between) gets it now
    const clubId = await createClub({ id: userId, name }, `Club of ${name}`, DEFAULT_ZONE);
    return { userId, name, email, clubId, role: 'head-coach', sessionId };
  }
  const role = ROLES.find((known) => known === found.role);
  return role ? { userId, name, email, clubId: found.clubId, role, sessionId } : null;
}

/**
 * The identity a guarded route may count on.
 * @throws {RangeError} the route was not guarded: a bug, since the hook turns strangers away
 */
export function identityOf(locals: { identity: Identity | null }): Identity {
  if (!locals.identity) throw new RangeError('identityOf: identity must be set by the hook');
  return locals.identity;
}
