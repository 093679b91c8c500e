import { desc, eq, sql } from 'drizzle-orm';
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

/**
 * Writes down a squad's weeks, or writes them anew. As two columns and not as rows of values: a season then costs about what
 * COPY of it would.
 */
export async function keepWeeks(
  tx: Tx,
  { clubId, squadId }: { clubId: string; squadId: string },
  weeks: PlannedWeek[],
): Promise<void> {
  if (weeks.length === 0) return;
  const starts = sql.param(weeks.map(({ start }) => start));
  const bodies = sql.param(weeks.map((week) => JSON.stringify(week)));
  await tx.execute(sql`
    insert into ${seasonWeek} (club_id, squad_id, start, week)
    select ${clubId}::uuid, ${squadId}::uuid, start, week from unnest(${starts}::date[], ${bodies}::jsonb[]) as laid (start, week)
    on conflict (club_id, squad_id, start) do update set week = excluded.week`);
}
