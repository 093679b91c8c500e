import { and, asc, desc, eq, gte, inArray, isNull, lte, or, sql } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { begunKey, type Begun } from '$core/day';
import type { Phase } from '$core/library';
import { AS_TEMPLATE, type Card } from '$core/session';
import type { Tx } from '../db/client';
import { gymSession, sessionLine, setNow } from '../db/schema';

/** How far back cards are read to make the next one: what runs, this week's coverage, the ledger's window. */
const SESSION_DAYS = 42;

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

const query = (tx: Tx, squadId: string, athleteId: string | null, upTo: Day) =>
  tx.query.gymSession.findMany({
    where: and(
      eq(gymSession.squadId, squadId),
      lte(gymSession.day, upTo),
      gte(gymSession.day, addDays(upTo, -SESSION_DAYS)),
      athleteId === null
        ? isNull(gymSession.athleteId)
        : or(isNull(gymSession.athleteId), eq(gymSession.athleteId, athleteId)),
    ),
    orderBy: desc(gymSession.day),
    extras: { runStart },
    with: full,
  });

export type SessionRow = Awaited<ReturnType<typeof query>>[number];

/** A squad's sessions of the last weeks up to a day, newest first, with lines and what was typed: one statement. */
export const loadSessions = query;

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
