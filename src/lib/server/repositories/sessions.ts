import { and, asc, desc, eq, gte, inArray, isNull, lte, or, sql } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { begunKey, type Begun } from '$core/day';
import type { Phase } from '$core/library';
import { AS_TEMPLATE, type Card } from '$core/session';
import type { Tx } from '../db/client';
import { gymSession, sessionLine, setNow } from '../db/schema';

/** How far back cards are read to make the next one: what runs, this week's coverage, the ledger's window. */
const SESSION_DAYS = 42;
/** Days of other squads' cards that bear on an athlete of both: a week's sets and steps (section 7), two days' heavy work (WEEK-3). */
const ELSEWHERE_DAYS = 6;

const full = { lines: { orderBy: asc(sessionLine.position) }, typed: true } as const;

/** First day of the squad's unbroken run of cards in the phase of this one. */
const runStart = sql<Day>`(
  select min(one.day)::text from gym_session one
  where one.club_id = ${gymSession.clubId} and one.squad_id = ${gymSession.squadId} and one.athlete_id is null
    and one.phase = ${gymSession.phase} and one.day <= ${gymSession.day}
    and one.day > coalesce((
      select max(other.day) from gym_session other
      where other.club_id = ${gymSession.clubId} and other.squad_id = ${gymSession.squadId} and other.athlete_id is null
        and other.phase <> ${gymSession.phase} and other.day < ${gymSession.day}
    ), '-infinity'::date)
)`.as('run_start');

/** Squads that share an athlete with one, itself among them. */
const sharing = (squadId: string) =>
  sql`${gymSession.squadId} in (
    select other.squad_id from squad_athlete mine
    join squad_athlete other on other.club_id = mine.club_id and other.athlete_id = mine.athlete_id
    where mine.club_id = ${gymSession.clubId} and mine.squad_id = ${squadId})`;

const query = (tx: Tx, squadId: string, athleteId: string | null, upTo: Day) =>
  tx.query.gymSession.findMany({
    where: and(
      lte(gymSession.day, upTo),
      or(
        and(
          eq(gymSession.squadId, squadId),
          gte(gymSession.day, addDays(upTo, -SESSION_DAYS)),
          athleteId === null
            ? isNull(gymSession.athleteId)
            : or(isNull(gymSession.athleteId), eq(gymSession.athleteId, athleteId)),
        ),
        and(isNull(gymSession.athleteId), gte(gymSession.day, addDays(upTo, -ELSEWHERE_DAYS)), sharing(squadId)),
      ),
    ),
    orderBy: desc(gymSession.day),
    extras: { runStart },
    with: full,
  });

export type SessionRow = Awaited<ReturnType<typeof query>>[number];

/**
 * A squad's sessions of the last weeks up to a day, newest first, with lines and what was typed, and of the last days the
 * cards of squads it shares athletes with: one statement.
 */
export async function loadSessions(
  tx: Tx,
  squadId: string,
  athleteId: string | null,
  upTo: Day,
): Promise<{ readonly own: SessionRow[]; readonly elsewhere: SessionRow[] }> {
  const found = await query(tx, squadId, athleteId, upTo);
  return {
    own: found.filter((one) => one.squadId === squadId),
    elsewhere: found.filter((one) => one.squadId !== squadId),
  };
}

/** Sessions with everything on them. */
export const loadSessionsById = (tx: Tx, ids: readonly string[]): Promise<SessionRow[]> =>
  tx.query.gymSession.findMany({ where: inArray(gymSession.id, [...ids]), extras: { runStart }, with: full });

export const loadSession = async (tx: Tx, id: string): Promise<SessionRow | undefined> =>
  (await loadSessionsById(tx, [id]))[0];

export type SetRow = typeof setNow.$inferSelect;

/** The sets of sessions as they stand: one statement. */
export const loadSets = (tx: Tx, sessionIds: readonly string[]): Promise<SetRow[]> =>
  sessionIds.length === 0
    ? Promise.resolve([])
    : tx
        .select()
        .from(setNow)
        .where(inArray(setNow.sessionId, [...sessionIds]));

/** What the first set of each athlete and line fixed. */
export function begunIn(sets: readonly SetRow[]): Record<string, Begun> {
  const begun: Record<string, Begun> = {};
  for (const set of [...sets].sort((a, b) => a.setNumber - b.setNumber)) {
    const key = begunKey(set.slot, set.athleteId);
    if (Object.hasOwn(begun, key)) continue;
    const { exerciseId, row, written, based, eased } = set;
    begun[key] = { exerciseId, row, written, based, eased };
  }
  return begun;
}

/** The first day of the squad's run of a phase before a day; null when the phase begins with that day. */
export function blockStart(sessions: readonly SessionRow[], phase: Phase, day: Day): Day | null {
  const last = sessions.find((session) => session.athleteId === null && session.day < day);
  return last?.phase === phase ? last.runStart : null;
}

/** The stored rows as the core's card. */
export const cardOf = (
  row: Pick<SessionRow, 'template' | 'phase' | 'minutes' | 'lines' | 'typed' | 'shape'>,
): Card => ({
  // a shape stored before it could say so is not alone
  shape: { ...AS_TEMPLATE, ...row.shape },
  template: row.template,
  phase: row.phase,
  minutes: row.minutes,
  lines: row.lines.map(
    ({
      slot,
      block,
      group,
      exerciseId,
      row: doseRow,
      dose,
      full: whole,
      reasons,
      pinned,
      typed,
      substitutes,
      note,
      only,
      override,
      overrideFor,
    }) => ({
      slot,
      block,
      group,
      exerciseId,
      row: doseRow,
      dose,
      full: whole,
      reasons,
      pinned,
      typed,
      substitutes,
      note,
      only,
      ...(override === null ? {} : { override }),
      ...(overrideFor === null ? {} : { overrideFor }),
    }),
  ),
  typed: row.typed.map(({ slot, athleteId, exerciseId, row: doseRow, dose }) => ({
    slot,
    athleteId,
    exerciseId,
    row: doseRow,
    dose,
  })),
});
