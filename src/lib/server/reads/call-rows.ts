import { and, asc, eq, gt, gte, inArray, lte, or, sql } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { ANSWER_SPEAKS_OF_DAYS, type Exposure } from '$core/track';
import type { Tx } from '../db/client';
import { fact, gymSession, sessionLine } from '../db/schema';
import { loadSquadsAthletes, type AthleteRow } from '../repositories/athletes';
import { loadLedgerSets } from '../repositories/balance';
import { loadClub, type ClubContext } from '../repositories/club-context';
import type { CallChoice } from '$lib/model/call';
import { givenIn, type SideGiven } from '../repositories/sides';
import type { SetsDone } from './squad-ledger';

/** What was done longer ago asks for nothing any more: the layoff's rules speak from then on. */
const RECENT_DAYS = 12;

const loadRecentSessions = (tx: Tx, today: Day) =>
  tx.query.gymSession.findMany({
    where: and(gte(gymSession.day, addDays(today, -RECENT_DAYS)), lte(gymSession.day, today)),
    with: { lines: { orderBy: asc(sessionLine.position) }, logs: { columns: { id: true }, limit: 1 } },
  });

/** Days a move by rule is listed, and may be taken back: a coach who was away a day still sees it. */
export const LISTED_DAYS = 3;

/** Longer than any call stays away. */
const PUT_OFF_DAYS = 60;

/** What the coach settled lately, answered, and gave to do beside the sessions: one statement over the facts. */
const loadSaid = (tx: Tx, today: Day) =>
  tx
    .select()
    .from(fact)
    .where(
      and(
        lte(fact.day, today),
        or(
          and(
            eq(fact.kind, 'step'),
            gt(fact.day, addDays(today, -LISTED_DAYS)),
            inArray(sql`${fact.body}->>'cause'`, ['accepted', 'held']),
          ),
          and(eq(fact.kind, 'call'), gt(fact.day, addDays(today, -PUT_OFF_DAYS))),
          eq(fact.kind, 'side-given'),
        ),
      ),
    )
    .orderBy(fact.seq);

/** What the coach said to a call that moves no dose by itself. */
export interface CallAnswer {
  readonly key: string;
  readonly choice: CallChoice;
}

export interface CallRows {
  readonly club: ClubContext;
  readonly squads: ReadonlyMap<string, readonly AthleteRow[]>;
  readonly sessions: Awaited<ReturnType<typeof loadRecentSessions>>;
  readonly decisions: readonly (typeof fact.$inferSelect)[];
  readonly putOff: readonly (CallAnswer & { readonly day: Day })[];
  /** sets of the ledger's window for what is neglected */
  readonly done: readonly SetsDone[];
  /** what squads and athletes do beside the sessions */
  readonly given: readonly SideGiven[];
}

/** Everything Calls reads, in five statements. */
export async function loadCalls(tx: Tx): Promise<CallRows> {
  const club = await loadClub(tx);
  const squadIds = club.squads.map(({ id }) => id);
  const after = addDays(club.today, -club.method.settings.ledger.forgotten.days);
  const said = await loadSaid(tx, club.today);
  const ofKind = (kind: (typeof said)[number]['kind']) => said.filter((one) => one.kind === kind);
  return {
    club,
    squads: await loadSquadsAthletes(tx, squadIds, club.today),
    sessions: await loadRecentSessions(tx, club.today),
    decisions: ofKind('step'),
    putOff: ofKind('call').map(({ day, body }) => ({ ...(body as CallAnswer), day })),
    given: givenIn(ofKind('side-given')),
    done: await loadLedgerSets(tx, squadIds, after, club.today),
  };
}

/** The newest time an athlete trained of which a morning may still speak; undefined = none. */
export function trainedLately({ tracks }: Pick<AthleteRow, 'tracks'>, today: Day): Exposure | undefined {
  const since = addDays(today, -ANSWER_SPEAKS_OF_DAYS);
  let newest: Exposure | undefined;
  for (const { state } of tracks) {
    const [last] = state.exposures;
    if (last && last.day < today && last.day >= since && last.day > (newest?.day ?? '')) newest = last;
  }
  return newest;
}

/** Athletes who trained in the last days and have not answered since, by name. */
export function silentOf({ club, squads, sessions }: Pick<CallRows, 'club' | 'squads' | 'sessions'>) {
  const homes = new Map(sessions.map(({ id, squadId }) => [id, squadId]));
  const found = new Map<string, { athleteId: string; name: string; squadId: string; day: Day }>();
  for (const row of [...squads.values()].flat()) {
    const last = trainedLately(row, club.today);
    if (!last || row.checkIns.some(({ day }) => day > last.day)) continue;
    const squadId = homes.get(last.sessionId);
    if (squadId !== undefined) found.set(row.id, { athleteId: row.id, name: row.name, squadId, day: last.day });
  }
  return [...found.values()].sort((a, b) => a.name.localeCompare(b.name));
}
