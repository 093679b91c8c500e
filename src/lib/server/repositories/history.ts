import { desc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Tx } from '../db/client';
import { change, healthView } from '../db/schema';

/** An athlete's history, newest first: one statement. */
export const loadHistory = (tx: Tx, athleteId: string, limit: number) =>
  tx
    .select()
    .from(change)
    .where(eq(change.athleteId, athleteId))
    .orderBy(desc(change.at), desc(change.id))
    .limit(limit);

/** Somebody looked at an athlete's health notes (SAFE-7). */
export const noteHealthView = async (tx: Tx, clubId: string, userId: string, athleteId: string): Promise<void> => {
  await tx.insert(healthView).values({ clubId, id: v7(), userId, athleteId });
};
