import { and, count, eq, gte } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { gymSession, sessionLine, squad } from '../db/schema';

/** How often an entry stands on each squad's cards since a day: one statement. */
export const usesOf = (tx: Tx, exerciseId: string, since: Day): Promise<{ squad: string; times: number }[]> =>
  tx
    .select({ squad: squad.name, times: count() })
    .from(sessionLine)
    .innerJoin(gymSession, and(eq(gymSession.clubId, sessionLine.clubId), eq(gymSession.id, sessionLine.sessionId)))
    .innerJoin(squad, and(eq(squad.clubId, gymSession.clubId), eq(squad.id, gymSession.squadId)))
    .where(and(eq(sessionLine.exerciseId, exerciseId), gte(gymSession.day, since)))
    .groupBy(squad.name);
