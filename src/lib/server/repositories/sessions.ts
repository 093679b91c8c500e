import { and, asc, desc, eq, isNull, lte, or } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import type { Card } from '$core/session';
import type { Tx } from '../db/client';
import { gymSession, proposal, sessionLine } from '../db/schema';

/** Sessions read to make the next one: the last card, this week's coverage and the ledger's window. */
const SESSIONS_READ = 8;

const full = {
  lines: { orderBy: asc(sessionLine.position) },
  overrides: true,
  proposals: { where: eq(proposal.state, 'accepted') },
} as const;

const query = (tx: Tx, squadId: string, athleteId: string | null, upTo: Day) =>
  tx.query.gymSession.findMany({
    where: and(
      eq(gymSession.squadId, squadId),
      lte(gymSession.day, upTo),
      athleteId === null
        ? isNull(gymSession.athleteId)
        : or(isNull(gymSession.athleteId), eq(gymSession.athleteId, athleteId)),
    ),
    orderBy: desc(gymSession.day),
    limit: SESSIONS_READ,
    with: full,
  });

export type SessionRow = Awaited<ReturnType<typeof query>>[number];

/** A squad's last sessions up to a day, newest first, with lines, own lines and accepted changes: one statement. */
export const loadSessions = query;

/** One session with everything on it. */
export const loadSession = (tx: Tx, id: string) =>
  tx.query.gymSession.findFirst({ where: eq(gymSession.id, id), with: { ...full, logs: true } });

/** The stored rows as the core's card. */
export const cardOf = (row: Pick<SessionRow, 'template' | 'phase' | 'minutes' | 'lines' | 'overrides'>): Card => ({
  template: row.template,
  phase: row.phase,
  minutes: row.minutes,
  lines: row.lines.map(({ slot, block, group, exerciseId, row: doseRow, dose, reasons, pinned }) => ({
    slot,
    block,
    group,
    exerciseId,
    row: doseRow,
    dose,
    reasons,
    pinned,
  })),
  overrides: row.overrides.map(({ slot, athleteId, exerciseId, row: doseRow, dose, reasons, typed }) => ({
    slot,
    athleteId,
    exerciseId,
    row: doseRow,
    dose,
    reasons,
    typed,
  })),
});
