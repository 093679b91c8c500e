import { eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { solveCard, type Brief } from '../../src/core/choose';
import type { DayLine } from '../../src/core/day';
import type { ReturnStageId } from '../../src/core/method';
import { setLogSchema, type CheckInBody, type KeepCard, type SetLogBody } from '../../src/lib/model/bodies';
import { newCardBody } from '../../src/lib/model/new-card-body';
import { answerMorning } from '../../src/lib/server/commands/answer-morning';
import { lastSessions } from '../../src/lib/server/commands/apply-by-rule';
import { closeSession } from '../../src/lib/server/commands/close-session';
import { clearComplaint } from '../../src/lib/server/commands/complaints';
import { decide } from '../../src/lib/server/commands/decide';
import { keepCard } from '../../src/lib/server/commands/keep-card';
import { logSets } from '../../src/lib/server/commands/log-sets';
import { runCommand, runOne, type ItemAnswer } from '../../src/lib/server/commands/run-command';
import { foldAthlete, foldAthleteComplaints } from '../../src/lib/server/commands/refold';
import type { StandingComplaint } from '../../src/core/safety';
import { withClub, type Tx } from '../../src/lib/server/db/client';
import { club, complaint, track } from '../../src/lib/server/db/schema';
import { loadCalls } from '../../src/lib/server/reads/call-rows';
import { askedOf, makeBrief, type Asked } from '../../src/lib/server/reads/make-brief';
import { makeCalls } from '../../src/lib/server/reads/make-calls';
import { readCard, type CardRead } from '../../src/lib/server/reads/read-card';
import { loadSquadDay, type SquadDay } from '../../src/lib/server/reads/squad-day';
import { readWaiting, type Waiting } from '../../src/lib/server/reads/waiting';
import { loadSquadsAthletes } from '../../src/lib/server/repositories/athletes';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { loadSessionHeads } from '../../src/lib/server/repositories/session-heads';
import { loadSession } from '../../src/lib/server/repositories/sessions';
import { DAY, type TestClub } from './club';

/** Drives a club through its commands as routes do: a day at a time. */

/** Moves the club's clock. */
export const onDay = (day: string): void => {
  process.env.JALEO_TODAY = day;
};

export const dayOf = (club: TestClub, day: string, athleteId: string | null = null): Promise<SquadDay> =>
  withClub(club.clubId, async (tx) => {
    const rows = await loadSquadDay(tx, club.squadId, day, athleteId);
    if (!rows) throw new Error('no squad');
    return rows;
  });

export interface CardAsked extends Partial<Asked> {
  readonly brief?: (brief: Brief) => Brief;
}

/** A card with an entry the coach chose for a slot, for what is not about the choice. */
export const holding = (slot: string, exerciseId: string): Pick<CardAsked, 'brief'> => ({
  brief: (brief) => ({ ...brief, pins: { [slot]: { exerciseId, dosed: null, typed: false, byCoach: true } } }),
});

/** Chooses the squad's card for a day as the Bench does. */
export async function chooseCard(club: TestClub, day: string, { brief: change, ...own }: CardAsked = {}) {
  const rows = await dayOf(club, day);
  const made = makeBrief(rows, { ...askedOf(rows, 60), ...own });
  return solveCard(change ? change(made) : made, rows.club.library, rows.club.method);
}

export const keep = (club: TestClub, id: string, body: KeepCard, actor = club.coachId) =>
  runOne({ clubId: club.clubId, id: body.id, verb: 'keep-card', actor }, { sessionId: id, ...body }, (tx) =>
    keepCard(tx, actor, id, body),
  );

/** Chooses and keeps the squad's card for a day. @returns its id */
export async function makeCard(club: TestClub, day = DAY, asked: CardAsked = {}): Promise<string> {
  const solved = await chooseCard(club, day, asked);
  if (!solved.ok) throw new Error(`${day}: ${JSON.stringify(solved.issues)}`);
  const id = v7();
  const kept = await keep(club, id, newCardBody(solved.value.card, { squadId: club.squadId, day }));
  if (!kept.ok) throw new Error(JSON.stringify(kept.issues));
  const refused = Object.values(kept.value.lines).filter(({ state }) => state !== 'kept');
  if (refused.length > 0) throw new Error(`${day}: ${JSON.stringify(refused)}`);
  return id;
}

export const session = (club: TestClub, id: string) =>
  withClub(club.clubId, (tx) => loadSession(tx, id)).then((row) => {
    if (!row) throw new Error('no session');
    return row;
  });

/** What a body changes of a standing card: every part with the version it was seen at. */
export async function changeOf(club: TestClub, id: string, own: Partial<KeepCard>): Promise<KeepCard> {
  const row = await session(club, id);
  return {
    id: v7(),
    squadId: club.squadId,
    athleteId: row.athleteId,
    day: row.day,
    head: null,
    lines: [],
    removed: [],
    typed: [],
    untyped: [],
    ...own,
  };
}

export async function readOn(club: TestClub, day: string, health = true): Promise<CardRead> {
  const read = readCard(await dayOf(club, day), health);
  if (!read) throw new Error(`no card on ${day}`);
  return read;
}

/** One athlete's line as it is shown. */
export const lineOn = async (club: TestClub, day: string, athleteId: string, slot: string): Promise<DayLine> => {
  const line = (await readOn(club, day)).view.find((own) => own.athleteId === athleteId && own.slot === slot);
  if (!line) throw new Error(`no line ${slot}`);
  return line;
};

/** One set of a shown line as a tap: done as written unless a case says otherwise. */
export const tapOf = (
  sessionId: string,
  day: string,
  line: DayLine,
  setNumber: number,
  own: Partial<SetLogBody> = {},
): SetLogBody =>
  setLogSchema.parse({
    id: v7(),
    sessionId,
    athleteId: line.athleteId,
    slot: line.slot,
    setNumber,
    amount: line.dose.amount,
    loadKg: line.dose.loadKg,
    rir: line.dose.rir,
    fault: null,
    asWritten: true,
    doneAt: `${day}T18:${String(10 + setNumber)}:00.000Z`,
    removed: false,
    shown: {
      exerciseId: line.exerciseId,
      row: line.row,
      dose: line.dose,
      based: line.based,
      eased: [...line.eased],
    },
    ...own,
  });

export const log = (club: TestClub, sets: readonly SetLogBody[]): Promise<readonly ItemAnswer[]> =>
  runCommand({ clubId: club.clubId, id: v7(), verb: 'log-sets', actor: club.coachId }, sets, async (tx) => ({
    answer: await logSets(tx, await loadClub(tx), club.coachId, sets, new Date('2027-12-31')),
    keep: true,
  })).then((done) => (done.ok ? done.value : []));

/** Logs every set of what the athletes are shown on a day. */
export async function logDay(
  club: TestClub,
  day: string,
  sessionId: string,
  which: (line: DayLine) => boolean = () => true,
  own: (line: DayLine) => Partial<SetLogBody> = () => ({}),
): Promise<readonly ItemAnswer[]> {
  const { view } = await readOn(club, day);
  const lines = view.filter((line) => line.exerciseId !== null && line.stopped === null && which(line));
  return log(
    club,
    lines.flatMap((line) =>
      Array.from({ length: line.dose.sets }, (_, i) => tapOf(sessionId, day, line, i + 1, own(line))),
    ),
  );
}

export const close = (
  club: TestClub,
  sessionId: string,
  present: readonly string[] | null = null,
  notDone: readonly string[] = [],
) =>
  runOne({ clubId: club.clubId, id: v7(), verb: 'close-session', actor: club.coachId }, { sessionId, present }, (tx) =>
    closeSession(tx, club.coachId, sessionId, {
      id: v7(),
      minutes: 60,
      rpe: 6,
      present: present === null ? null : [...present],
      notDone: [...notDone],
    }),
  );

export function answer(club: TestClub, athleteId: string, own: Partial<CheckInBody>, day: string) {
  const body = { id: v7(), answer: 'fine' as const, place: null, side: null, score: null, signs: [], ...own };
  return runOne(
    { clubId: club.clubId, id: body.id, verb: 'answer', actor: `athlete:${athleteId}` },
    { athleteId, day, ...body },
    async (tx) => answerMorning(tx, await loadClub(tx), athleteId, body, day, `athlete:${athleteId}`),
  );
}

export const clear = (
  club: TestClub,
  athleteId: string,
  complaintId: string,
  expires: string,
  lifts: 'three' | 'mild' | null = null,
  upTo: ReturnStageId | null = null,
) => {
  const id = v7();
  const scope = { maxTier: null, maxIntensity: null, note: '' };
  const given = { complaintId, role: 'physio', expires, lifts, upTo, scope };
  return runOne({ clubId: club.clubId, id, verb: 'clear', actor: club.coachId }, given, async (tx) =>
    clearComplaint(tx, await loadClub(tx), athleteId, id, given, club.coachId),
  );
};

/** What waits for the coach today. */
export const waiting = (club: TestClub): Promise<Waiting[]> =>
  withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    const squads = await loadSquadsAthletes(
      tx,
      context.squads.map(({ id }) => id),
      context.today,
    );
    const ids = [...squads.values()].flat().flatMap(({ tracks }) => lastSessions(tracks.map(({ state }) => state)));
    return readWaiting(context, squads, await loadSessionHeads(tx, [...new Set(ids)])).waiting;
  });

/** The club wants each change as a call. */
export const askEverything = (of: TestClub) =>
  withClub(of.clubId, (tx) =>
    tx
      .update(club)
      .set({ schools: { calls: 'ask me everything' } })
      .where(eq(club.clubId, of.clubId)),
  );

export const settle = (club: TestClub, open: readonly Waiting[], decision: 'accepted' | 'held', id = v7()) =>
  runCommand({ clubId: club.clubId, id, verb: 'decide', actor: club.coachId }, [id, decision], async (tx) => ({
    answer: await decide(
      tx,
      await loadClub(tx),
      {
        id,
        decision,
        items: open.map(({ athlete, track, change }) => ({
          athleteId: athlete.id,
          exerciseId: track.exerciseId,
          row: track.row,
          to: { exerciseId: change.to.exerciseId, dose: { ...change.to.dose } },
        })),
      },
      club.coachId,
    ),
    keep: true,
  }));

export const callsOf = (club: TestClub, health = true) =>
  withClub(club.clubId, async (tx) => makeCalls(await loadCalls(tx), null, health));

/** An athlete's tracks and open complaints as stored, and as the facts give them anew. */
export async function rebuilt(tx: Tx, athleteId: string) {
  const tracks = await tx.select({ state: track.state }).from(track).where(eq(track.athleteId, athleteId));
  const open = await tx.select().from(complaint).where(eq(complaint.athleteId, athleteId));
  const standing = await foldAthleteComplaints(tx, athleteId);
  const byKey = (a: { exerciseId: string; row: string }, b: { exerciseId: string; row: string }) =>
    `${a.exerciseId} ${a.row}` < `${b.exerciseId} ${b.row}` ? -1 : 1;
  const complaintsOf = (
    of: readonly Pick<StandingComplaint, 'place' | 'score' | 'calmAnswers' | 'origin' | 'returning'>[],
  ) =>
    of
      .filter(({ score }) => score > 0)
      .map(({ place, score, calmAnswers, origin, returning }) => ({ place, score, calmAnswers, origin, returning }))
      .sort((a, b) => (a.origin < b.origin ? -1 : 1));
  return {
    stored: { tracks: tracks.map(({ state }) => state).sort(byKey), complaints: complaintsOf(open) },
    folded: { tracks: [...(await foldAthlete(tx, athleteId, null))].sort(byKey), complaints: complaintsOf(standing) },
  };
}
