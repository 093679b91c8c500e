import { and, asc, desc, eq, gt, gte, lt, or, sql } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { athlete, checkIn, complaint, gymSession, proposal, sessionLine, setLog } from '../db/schema';

/** An answer is asked for until the third morning after a session. */
const ASKED_FOR_DAYS = 3;
const MORNINGS = 4;

/** Open proposals and those settled today, with the athlete's last mornings: one statement. */
export const loadProposals = (tx: Tx, today: Day) =>
  tx.query.proposal.findMany({
    where: or(eq(proposal.state, 'open'), eq(proposal.decidedDay, today)),
    orderBy: [asc(proposal.day), asc(proposal.id)],
    with: {
      session: { columns: { day: true } },
      athlete: { columns: { name: true }, with: { checkIns: { orderBy: desc(checkIn.day), limit: MORNINGS } } },
    },
  });
export type ProposalRow = Awaited<ReturnType<typeof loadProposals>>[number];

/** Athletes who trained in the last days and have not answered since, by name: one statement. */
export const loadSilent = (
  tx: Tx,
  today: Day,
): Promise<{ athleteId: string; name: string; squadId: string; day: Day | null }[]> =>
  tx
    .select({
      athleteId: setLog.athleteId,
      name: athlete.name,
      squadId: gymSession.squadId,
      day: sql<Day | null>`max(${setLog.day})`,
    })
    .from(setLog)
    .innerJoin(athlete, and(eq(athlete.clubId, setLog.clubId), eq(athlete.id, setLog.athleteId)))
    .innerJoin(gymSession, and(eq(gymSession.clubId, setLog.clubId), eq(gymSession.id, setLog.sessionId)))
    .where(and(gte(setLog.day, addDays(today, -ASKED_FOR_DAYS)), lt(setLog.day, today)))
    .groupBy(setLog.athleteId, athlete.name, gymSession.squadId)
    .having(
      sql`not exists (select 1 from ${checkIn} where ${checkIn.athleteId} = ${setLog.athleteId} and ${checkIn.day} > max(${setLog.day}))`,
    )
    .orderBy(athlete.name);

/** Complaints that stop work and were not yet passed on to a clinician: one statement. */
export const loadUnreferred = (tx: Tx) =>
  tx.query.complaint.findMany({
    where: and(
      gt(complaint.score, 0),
      sql`${complaint.referredAt} is null`,
      or(gte(complaint.score, 4), sql`jsonb_array_length(${complaint.signs}) > 0`),
    ),
    orderBy: desc(complaint.score),
    with: { athlete: { columns: { name: true, id: true }, with: { squads: true } } },
  });

/** Sessions of a day with their lines: one statement. */
export const loadDaySessions = (tx: Tx, day: Day) =>
  tx.query.gymSession.findMany({
    where: eq(gymSession.day, day),
    with: { lines: { orderBy: asc(sessionLine.position) }, logs: { columns: { id: true }, limit: 1 } },
  });
