import { and, asc, eq, gte, inArray, isNull, lte, or } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { gymSession } from '../db/schema';
import { ownLines, type OwnLine } from './own-lines';
import { readCard } from './read-card';
import { loadSquadDay } from './squad-day';

const AHEAD_DAYS = 7;

export interface OwnCard {
  readonly day: Day;
  readonly lines: readonly OwnLine[];
}

/** The athlete's next card (today's first; an own card before the squad's), as they do it today; null when none is made yet. */
export async function ownCard(
  tx: Tx,
  athleteId: string,
  squadIds: readonly string[],
  today: Day,
): Promise<OwnCard | null> {
  if (squadIds.length === 0) return null;
  const ahead = await tx
    .select({ squadId: gymSession.squadId, day: gymSession.day, athleteId: gymSession.athleteId })
    .from(gymSession)
    .where(
      and(
        inArray(gymSession.squadId, [...squadIds]),
        or(isNull(gymSession.athleteId), eq(gymSession.athleteId, athleteId)),
        gte(gymSession.day, today),
        lte(gymSession.day, addDays(today, AHEAD_DAYS)),
      ),
    )
    .orderBy(asc(gymSession.day));
  const next = ahead.find((one) => one.day === ahead[0]?.day && one.athleteId === athleteId) ?? ahead[0];
  const rows = next && (await loadSquadDay(tx, next.squadId, next.day, next.athleteId));
  const read = rows && readCard(rows, false);
  if (!rows || !read) return null;
  return { day: rows.day, lines: ownLines(rows, read, athleteId) };
}
