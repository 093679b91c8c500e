import { asc, sql } from 'drizzle-orm';
import { LIBRARY, METHOD } from '$catalog';
import { addDays, type Day } from '$core/calendar';
import { overlayLibrary, type Library } from '$core/library';
import { DEFAULT_SCHOOLS, overlayTables, schoolLibrary, type MethodTables, type Schools } from '$core/method';
import { NO_CHANGES, type GymTimes } from '$core/season';
import { DEFAULT_KIT, type Kit } from '$lib/model/kit';
import { today as todayIn } from '../config';
import { daysOfClub } from '../day-order';
import type { Tx } from '../db/client';
import { event, facility, squad } from '../db/schema';

/** Days before the shown one for which events are read, or from the season's start; ahead all of them. */
const EVENT_BEHIND_DAYS = 28;

const query = (tx: Tx, around: Day) =>
  tx.query.club.findFirst({
    with: {
      staff: true,
      tables: true,
      facilities: { orderBy: asc(facility.name) },
      entries: true,
      squads: {
        orderBy: asc(squad.name),
        with: {
          season: true,
          events: {
            where: sql`${event.day} >= least(${addDays(around, -EVENT_BEHIND_DAYS)}::date, (
              select of.start from season of where of.club_id = ${event.clubId} and of.squad_id = ${event.squadId}))`,
            orderBy: asc(event.day),
          },
        },
      },
    },
  });

type ClubRow = NonNullable<Awaited<ReturnType<typeof query>>>;

type SquadOf = ClubRow['squads'][number];

/** A squad with the place it trains in and the schools it follows, its own over the club's. */
export interface SquadRow extends Omit<SquadOf, 'schools' | 'season'> {
  /** what its plan is laid from; null = none yet */
  readonly season: SquadOf['season'] | null;
  readonly ownSchools: Partial<Schools>;
  readonly schools: Schools;
  readonly kit: Kit;
}

/** What every page knows: the club, its squads with their events, its people's names, its own method and library, and its today. */
export interface ClubContext extends Omit<ClubRow, 'squads' | 'schools'> {
  readonly today: Day;
  readonly schools: Schools;
  readonly method: MethodTables;
  /** with the club's own entries; schools are laid over it where it is read (`libraryOf`) */
  readonly library: Library;
  readonly squads: readonly SquadRow[];
  readonly staffNames: Readonly<Record<string, string>>;
}

/**
 * One statement for all of it. From here on the request tells days as the club does.
 * @param around the day on screen; null = the club's today
 */
export async function loadClub(tx: Tx, around: Day | null = null): Promise<ClubContext> {
  const row = await query(tx, around ?? todayIn('UTC'));
  if (!row) throw new Error('loadClub: the club of this transaction has no row');
  daysOfClub(row.clubId, row.dayOrder);
  const schools = { ...DEFAULT_SCHOOLS, ...row.schools };
  const kits = new Map(row.facilities.map(({ id, kit }) => [id, { ...DEFAULT_KIT, ...kit }]));
  return {
    ...row,
    today: todayIn(row.zone),
    schools,
    squads: row.squads.map((one) => ({
      ...one,
      ownSchools: one.schools,
      schools: { ...schools, ...one.schools },
      kit: kits.get(one.facilityId) ?? DEFAULT_KIT,
    })),
    method: overlayTables(METHOD, row.tables),
    library: overlayLibrary(LIBRARY, row.entries),
    staffNames: Object.fromEntries(row.staff.map(({ userId, displayName }) => [userId, displayName])),
  };
}

/** When a squad is in the gym, as its season has moved it. */
export const timesOf = ({ gymDays, season }: Pick<SquadRow, 'gymDays' | 'season'>): GymTimes => ({
  gymDays,
  changes: season?.changes ?? NO_CHANGES,
  closures: season?.closures ?? [],
});

/** The library as a squad's schools, or the club's, read it. */
export const libraryOf = (club: ClubContext, { schools }: { readonly schools: Schools } = club): Library =>
  schoolLibrary(club.library, schools, club.method);
