import { desc, eq } from 'drizzle-orm';
import type { PlannedWeek } from '$core/season';
import type { Tx } from '../db/client';
import { seasonStep, seasonWeek } from '../db/schema';

export type SeasonStepRow = typeof seasonStep.$inferSelect;

/** Weeks of a squad's season as they were planned when they were followed, oldest first. */
export async function loadFollowed(tx: Tx, squadId: string): Promise<PlannedWeek[]> {
  const rows = await tx.select().from(seasonWeek).where(eq(seasonWeek.squadId, squadId)).orderBy(seasonWeek.start);
  return rows.map(({ week }) => week);
}

/** The last steps of changing a squad's plan, newest first. */
export const loadSteps = (tx: Tx, squadId: string, most: number): Promise<SeasonStepRow[]> =>
  tx.select().from(seasonStep).where(eq(seasonStep.squadId, squadId)).orderBy(desc(seasonStep.number)).limit(most);
