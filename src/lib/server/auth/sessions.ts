import { and, eq, gt, ne } from 'drizzle-orm';
import { session } from '../db/schema/auth';
import { authDatabase } from './auth';

/** How many places a person is signed in at. */
export const countSessions = (userId: string): Promise<number> =>
  authDatabase().$count(session, and(eq(session.userId, userId), gt(session.expiresAt, new Date())));

/** Signs a person out everywhere else at once: each request reads its session anew. */
export async function endOtherSessions(userId: string, keptId: string): Promise<void> {
  await authDatabase()
    .delete(session)
    .where(and(eq(session.userId, userId), ne(session.id, keptId)));
}
