import { and, asc, eq, gte, inArray, lte, sql } from 'drizzle-orm';
import { addDays, gymDayOn, type Day } from '$core/calendar';
import { getExercise } from '$core/library';
import { layOut } from '$core/order';
import { ANSWER_SPEAKS_OF_DAYS } from '$core/track';
import type { Tx } from '../db/client';
import { fact, gymSession, sessionLine } from '../db/schema';
import { loadSquadsAthletes, type AthleteRow } from '../repositories/athletes';
import { loadClub, type ClubContext } from '../repositories/club-context';
import { makeCalls, settledToday } from './make-calls';
import { nextCardDay, sayDay } from './page-thread';

/** What was done longer ago asks for nothing any more: the layoff's rules speak from then on. */
const RECENT_DAYS = 12;

const loadRecentSessions = (tx: Tx, today: Day) =>
  tx.query.gymSession.findMany({
    where: and(gte(gymSession.day, addDays(today, -RECENT_DAYS)), lte(gymSession.day, today)),
    with: { lines: { orderBy: asc(sessionLine.position) }, logs: { columns: { id: true }, limit: 1 } },
  });

const loadDecisions = (tx: Tx, today: Day) =>
  tx
    .select()
    .from(fact)
    .where(
      and(eq(fact.kind, 'step'), eq(fact.day, today), inArray(sql`${fact.body}->>'cause'`, ['accepted', 'held'])),
    )
    .orderBy(fact.seq);

export interface CallRows {
  readonly club: ClubContext;
  readonly squads: ReadonlyMap<string, readonly AthleteRow[]>;
  readonly sessions: Awaited<ReturnType<typeof loadRecentSessions>>;
  readonly decisions: readonly (typeof fact.$inferSelect)[];
}

/** Everything Calls reads, in four statements. */
export async function loadCalls(tx: Tx): Promise<CallRows> {
  const club = await loadClub(tx);
  return {
    club,
    squads: await loadSquadsAthletes(
      tx,
      club.squads.map(({ id }) => id),
      club.today,
    ),
    sessions: await loadRecentSessions(tx, club.today),
    decisions: await loadDecisions(tx, club.today),
  };
}

/** The page: calls, today's sessions, what was settled. @param asked the squad shown; null = all */
export function readCalls(rows: CallRows, asked: string | null, health: boolean) {
  const { club } = rows;
  const squadId = club.squads.find(({ id }) => id === asked)?.id ?? null;
  const shown = club.squads.filter(({ id }) => squadId === null || id === squadId);
  const calls = makeCalls(rows, squadId, health);
  const all = {
    href: '/calls',
    label: club.squads.length === 1 ? (club.squads[0]?.name ?? 'All squads') : 'All squads',
  };
  return {
    thread: {
      knots: [
        {
          label: 'squad',
          value: squadId === null ? '/calls' : `/calls?squad=${squadId}`,
          options: [
            all,
            ...(club.squads.length > 1
              ? club.squads.map(({ id, name }) => ({ href: `/calls?squad=${id}`, label: name }))
              : []),
          ],
        },
      ],
      level: 1,
      words: sayDay(club.today),
      tag: null,
    },
    clubName: club.name,
    massUnit: club.massUnit,
    counts: { '/calls': calls.length },
    calls,
    today: shown.flatMap((squad) => todayOf(squad, rows)).sort((a, b) => (a.start < b.start ? -1 : 1)),
    next: shown.map((squad) => ({
      squad: squad.name,
      href: `/bench/${squad.id}/${nextCardDay(squad, club.today)}`,
      day: sayDay(nextCardDay(squad, club.today)),
      event: squad.events.find(({ day }) => day >= club.today) ?? null,
    })),
    settled: settledToday(rows, squadId),
    hasSquads: club.squads.length > 0,
    places: Object.entries(club.method.places)
      .filter(([, { checkin }]) => checkin)
      .map(([id, { name }]) => ({ id, name })),
  };
}

function todayOf(squad: ClubContext['squads'][number], { club, sessions }: CallRows) {
  const gym = gymDayOn(club.today, squad.gymDays);
  const own = sessions.filter(
    (one) => one.day === club.today && one.squadId === squad.id && one.athleteId === null,
  );
  if (!gym && own.length === 0) return [];
  const [session] = own;
  const entries = (session?.lines ?? [])
    .filter(({ exerciseId }) => club.library.exercises.has(exerciseId))
    .map((line) => ({ ...line, exercise: getExercise(club.library, line.exerciseId) }));
  const timeline = layOut(entries, club.method.settings);
  return [
    {
      squadId: squad.id,
      squad: squad.name,
      start: gym?.start ?? '',
      href: `/bench/${squad.id}/${club.today}`,
      floor: session ? `/floor/${session.id}` : null,
      state: session ? (session.logs.length > 0 ? 'begun' : 'ready') : 'to make',
      minutes: session?.minutes ?? gym?.minutes ?? 0,
      beats: entries.flatMap((entry) =>
        (timeline.beats[entry.slot] ?? []).map((beat) => ({ ...beat, family: entry.exercise.family })),
      ),
    },
  ];
}

/** Athletes who trained in the last days and have not answered since, by name. */
export function silentOf({ club, squads, sessions }: Pick<CallRows, 'club' | 'squads' | 'sessions'>) {
  const homes = new Map(sessions.map(({ id, squadId }) => [id, squadId]));
  const found = new Map<string, { athleteId: string; name: string; squadId: string; day: Day }>();
  for (const row of [...squads.values()].flat()) {
    const trained = row.tracks
      .flatMap(({ state }) => state.exposures.slice(0, 1))
      .filter(({ day }) => day < club.today && day >= addDays(club.today, -ANSWER_SPEAKS_OF_DAYS))
      .sort((a, b) => (a.day < b.day ? 1 : -1));
    const [last] = trained;
    if (!last || row.checkIns.some(({ day }) => day > last.day)) continue;
    const squadId = homes.get(last.sessionId);
    if (squadId !== undefined) found.set(row.id, { athleteId: row.id, name: row.name, squadId, day: last.day });
  }
  return [...found.values()].sort((a, b) => a.name.localeCompare(b.name));
}
