import { and, asc, desc, eq, gte, lte, or, sql } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { athlete, change, checkIn, complaint, gymSession, setNow, testResult } from '../db/schema';

/** Lines of the record read: the newest, where somebody changed very much. */
const MOST_CHANGES = 400;

const queryPast = (tx: Tx, athleteId: string, from: Day) =>
  tx.query.athlete.findFirst({
    where: eq(athlete.id, athleteId),
    with: {
      squads: true,
      results: { where: gte(testResult.day, from), orderBy: asc(testResult.day) },
      complaints: { orderBy: asc(complaint.since) },
      checkIns: { where: gte(checkIn.day, from), orderBy: [asc(checkIn.day), asc(checkIn.seq)] },
      appearances: true,
    },
  });

export type PastRow = NonNullable<Awaited<ReturnType<typeof queryPast>>>;
export type PastSet = Awaited<ReturnType<typeof loadPastSets>>[number];
export type PastSession = Awaited<ReturnType<typeof loadPastSessions>>[number];

/** An athlete with everything from a day on that has a time of its own: one statement. */
export const loadPast = (tx: Tx, athleteId: string, from: Day): Promise<PastRow | undefined> =>
  queryPast(tx, athleteId, from);

/** The sets an athlete did from a day on, as they stand. */
export const loadPastSets = (tx: Tx, athleteId: string, from: Day, through: Day) =>
  tx
    .select({
      day: setNow.day,
      sessionId: setNow.sessionId,
      slot: setNow.slot,
      exerciseId: setNow.exerciseId,
      row: setNow.row,
      written: setNow.written,
      amount: setNow.amount,
      loadKg: setNow.loadKg,
      rir: setNow.rir,
      fault: setNow.fault,
    })
    .from(setNow)
    .where(and(eq(setNow.athleteId, athleteId), gte(setNow.day, from), lte(setNow.day, through)))
    .orderBy(asc(setNow.day));

/** How hard a session was for one athlete: their own word, else the coach's. */
const ownEffort = (athleteId: string) =>
  sql<number | null>`coalesce((
    select said.rpe from check_in said
    where said.club_id = gym_session.club_id and said.session_id = gym_session.id
      and said.athlete_id = ${athleteId} and said.rpe is not null
    order by said.seq desc limit 1
  ), ${gymSession.sessionRpe})`;

/** The squad's sessions and the athlete's own from a day on: phase, and how hard and long they were. */
export const loadPastSessions = (tx: Tx, squadId: string, athleteId: string, from: Day, through: Day) =>
  tx
    .select({
      day: gymSession.day,
      phase: gymSession.phase,
      athleteId: gymSession.athleteId,
      minutes: gymSession.realMinutes,
      rpe: ownEffort(athleteId),
    })
    .from(gymSession)
    .where(
      and(
        eq(gymSession.squadId, squadId),
        gte(gymSession.day, from),
        lte(gymSession.day, through),
        or(sql`${gymSession.athleteId} is null`, eq(gymSession.athleteId, athleteId)),
      ),
    )
    .orderBy(asc(gymSession.day));

/** What was changed and decided for an athlete from a day on, newest first. */
export const loadPastChanges = (tx: Tx, athleteId: string, from: Day) =>
  tx
    .select()
    .from(change)
    .where(and(eq(change.athleteId, athleteId), gte(change.day, from)))
    .orderBy(desc(change.day), desc(change.at), desc(change.id))
    .limit(MOST_CHANGES);
