import { and, asc, gte, lte } from 'drizzle-orm';
import { METHOD } from '$catalog';
import { addDays, type Day } from '$core/calendar';
import { overlayTables, type MethodTables } from '$core/method';
import { today as todayIn } from '../config';
import type { Tx } from '../db/client';
import { event, squad } from '../db/schema';

/** Days around the shown one for which events are read. */
const EVENT_REACH_DAYS = 28;

const query = (tx: Tx, around: Day) =>
  tx.query.club.findFirst({
    with: {
      staff: true,
      tables: true,
      squads: {
        orderBy: asc(squad.name),
        with: {
          events: {
            where: and(
              gte(event.day, addDays(around, -EVENT_REACH_DAYS)),
              lte(event.day, addDays(around, EVENT_REACH_DAYS)),
            ),
            orderBy: asc(event.day),
          },
        },
      },
    },
  });

type ClubRow = NonNullable<Awaited<ReturnType<typeof query>>>;

/** What every page knows: the club, its squads with their events, its people's names, its own method, and its today. */
export interface ClubContext extends ClubRow {
  readonly today: Day;
  readonly method: MethodTables;
  readonly staffNames: Readonly<Record<string, string>>;
}

/**
 * One statement for all of it.
 * @param around the day on screen; null = the club's today
 */
export async function loadClub(tx: Tx, around: Day | null = null): Promise<ClubContext> {
  const row = await query(tx, around ?? todayIn('UTC'));
  if (!row) throw new Error('loadClub: the club of this transaction has no row');
  return {
    ...row,
    today: todayIn(row.zone),
    method: overlayTables(METHOD, row.tables),
    staffNames: Object.fromEntries(row.staff.map(({ userId, displayName }) => [userId, displayName])),
  };
}

export type SquadRow = ClubContext['squads'][number];
