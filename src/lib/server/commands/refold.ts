import { and, asc, eq, gte, inArray, lt, or, sql } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { foldComplaints, type ComplaintFact, type StandingComplaint } from '$core/safety';
import {
  ANSWER_SPEAKS_OF_DAYS,
  foldTracks,
  trackKey,
  type AnswerFact,
  type ClosedFact,
  type SetFact,
  type StepFact,
  type Track,
  type TrackFact,
} from '$core/track';
import type { Tx } from '../db/client';
import { athlete, checkIn, complaint, fact, setLog, setNow, track } from '../db/schema';
import { derivedId } from './facts';

/** Raised when the fold itself changes: rows of an older fold are folded again at the next migration. */
export const FOLD_VERSION = 1;

/** Locks athletes in one order, so that writers wait for each other and never cross. */
export async function lockAthletes(tx: Tx, athleteIds: readonly string[]): Promise<void> {
  const ids = [...new Set(athleteIds)].sort();
  if (ids.length === 0) return;
  await tx
    .select({ id: athlete.id })
    .from(athlete)
    .where(inArray(athlete.id, ids))
    .orderBy(asc(athlete.id))
    .for('no key update');
}

/** Every day an athlete trained, in order. */
async function sessionDays(tx: Tx, athleteId: string): Promise<Day[]> {
  const done = await tx.selectDistinct({ day: setNow.day }).from(setNow).where(eq(setNow.athleteId, athleteId));
  const closed = await tx
    .selectDistinct({ day: fact.day })
    .from(fact)
    .where(and(eq(fact.athleteId, athleteId), eq(fact.kind, 'closed')));
  return [...new Set([...done, ...closed].map(({ day }) => day))].sort();
}

/** The facts of one athlete that the fold reads. @param exerciseIds null = of every exercise */
async function trackFacts(tx: Tx, athleteId: string, exerciseIds: readonly string[] | null): Promise<TrackFact[]> {
  const answers = await tx.select().from(checkIn).where(eq(checkIn.athleteId, athleteId));
  const sets = await tx
    .select()
    .from(setLog)
    .where(
      and(
        eq(setLog.athleteId, athleteId),
        exerciseIds === null ? undefined : inArray(setLog.exerciseId, [...exerciseIds]),
      ),
    );
  const others = await tx
    .select()
    .from(fact)
    .where(
      and(
        eq(fact.athleteId, athleteId),
        or(
          eq(fact.kind, 'closed'),
          and(
            eq(fact.kind, 'step'),
            exerciseIds === null
              ? undefined
              : or(
                  inArray(fact.exerciseId, [...exerciseIds]),
                  inArray(sql`${fact.body}->'to'->>'exerciseId'`, [...exerciseIds]),
                ),
          ),
        ),
      ),
    );
  const wanted = exerciseIds && new Set(exerciseIds);
  return [
    ...answers.map(({ id, day, seq, answer, place, score }): AnswerFact => ({
      kind: 'answer',
      id,
      day,
      seq,
      response: { answer, place, score },
    })),
    ...sets.map((row): SetFact => ({ ...row, kind: 'set', doneAt: row.doneAt.toISOString() })),
    ...others.map((row): StepFact | ClosedFact => {
      const base = { id: row.id, day: row.day, seq: row.seq };
      if (row.kind === 'closed') {
        const { untapped } = row.body as Pick<ClosedFact, 'untapped'>;
        return {
          ...base,
          kind: 'closed',
          sessionId: row.sessionId ?? '',
          untapped: wanted ? untapped.filter(({ exerciseId }) => wanted.has(exerciseId)) : untapped,
        };
      }
      const body = row.body as Pick<StepFact, 'cause' | 'to' | 'tight' | 'rules' | 'saw' | 'sessionId'>;
      return { ...base, kind: 'step', exerciseId: row.exerciseId ?? '', row: row.row ?? 'D-ASST', ...body };
    }),
  ];
}

/** What an athlete owns, worked out from the facts alone. @param exerciseIds null = of every exercise */
export async function foldAthlete(tx: Tx, athleteId: string, exerciseIds: readonly string[] | null): Promise<Track[]> {
  const tracks = foldTracks(await trackFacts(tx, athleteId, exerciseIds), await sessionDays(tx, athleteId));
  // a step between two exercises touches one that was not asked about: its other facts were not read
  return exerciseIds === null ? tracks : tracks.filter(({ exerciseId }) => exerciseIds.includes(exerciseId));
}

/**
 * Folds an athlete's tracks anew from the facts and writes them; in the transaction that added the facts.
 * @param exerciseIds the exercises the new facts touch; null = all
 */
export async function refoldTracks(
  tx: Tx,
  clubId: string,
  athleteId: string,
  exerciseIds: readonly string[] | null,
): Promise<void> {
  if (exerciseIds?.length === 0) return;
  const folded = await foldAthlete(tx, athleteId, exerciseIds);
  const stored = await tx
    .select({ exerciseId: track.exerciseId, row: track.row })
    .from(track)
    .where(
      and(
        eq(track.athleteId, athleteId),
        exerciseIds === null ? undefined : inArray(track.exerciseId, [...exerciseIds]),
      ),
    );
  const now = new Set(folded.map(({ exerciseId, row }) => trackKey(exerciseId, row)));
  for (const gone of stored.filter(({ exerciseId, row }) => !now.has(trackKey(exerciseId, row))))
    await tx
      .delete(track)
      .where(and(eq(track.athleteId, athleteId), eq(track.exerciseId, gone.exerciseId), eq(track.row, gone.row)));
  if (folded.length === 0) return;
  await tx
    .insert(track)
    .values(
      folded.map((state) => ({
        clubId,
        athleteId,
        exerciseId: state.exerciseId,
        row: state.row,
        role: state.role,
        state,
        lastDone: state.lastDone,
        foldVersion: FOLD_VERSION,
      })),
    )
    .onConflictDoUpdate({
      target: [track.clubId, track.athleteId, track.exerciseId, track.row, track.role],
      set: {
        state: sql`excluded.state`,
        lastDone: sql`excluded.last_done`,
        foldVersion: sql`excluded.fold_version`,
      },
    });
}

/** Exercises whose last exposures an answer of this day may speak of. */
export async function spokenOf(tx: Tx, athleteId: string, day: Day): Promise<string[]> {
  const rows = await tx
    .selectDistinct({ exerciseId: setLog.exerciseId })
    .from(setLog)
    .where(
      and(eq(setLog.athleteId, athleteId), gte(setLog.day, addDays(day, -ANSWER_SPEAKS_OF_DAYS)), lt(setLog.day, day)),
    );
  return rows.map(({ exerciseId }) => exerciseId);
}

/** An athlete's complaints as the facts say they stand. */
export async function foldAthleteComplaints(tx: Tx, athleteId: string): Promise<StandingComplaint[]> {
  const facts = await tx
    .select()
    .from(fact)
    .where(and(eq(fact.athleteId, athleteId), inArray(fact.kind, ['complaint', 'clearance', 'referral', 'returned'])));
  const [opened] = await tx.select({ seq: fact.seq }).from(fact).where(eq(fact.kind, 'opened'));
  const answers = await tx
    .select()
    .from(checkIn)
    .where(and(eq(checkIn.athleteId, athleteId), gte(checkIn.seq, opened?.seq ?? 0)));
  const latest = new Map<Day, (typeof answers)[number]>();
  for (const answer of answers) if (answer.seq > (latest.get(answer.day)?.seq ?? -1)) latest.set(answer.day, answer);
  const trained = await tx.selectDistinct({ day: setNow.day }).from(setNow).where(eq(setNow.athleteId, athleteId));
  return foldComplaints(
    [
      ...[...latest.values()].map((row): ComplaintFact => ({
        ...row,
        kind: 'answer',
        // the day's word on a place, whoever said it last: a repeat from another device is the same complaint
        id: derivedId(athleteId, row.day, row.place ?? ''),
      })),
      ...facts.map(({ id, day, seq, kind, body }) => ({ ...(body as object), id, day, seq, kind }) as ComplaintFact),
    ],
    trained.map(({ day }) => day),
  );
}

/** What became worse or better: for the history line. */
export interface ComplaintMove {
  readonly place: string;
  readonly from: number | null;
  readonly to: number;
}

/** Writes an athlete's complaints as the facts say they stand. @returns what moved */
export async function refoldComplaints(tx: Tx, clubId: string, athleteId: string): Promise<ComplaintMove[]> {
  const standing = await foldAthleteComplaints(tx, athleteId);
  const stored = await tx.select().from(complaint).where(eq(complaint.athleteId, athleteId));
  const moves: ComplaintMove[] = [];
  for (const one of standing) {
    const before = stored.find(({ origin }) => origin === one.origin);
    if ((before?.score ?? null) !== one.score)
      moves.push({ place: one.place, from: before?.score ?? null, to: one.score });
    const { origin, referred, ...state } = one;
    const values = {
      ...state,
      referredAt: referred ? (before?.referredAt ?? new Date()) : null,
    };
    if (before)
      await tx
        .update(complaint)
        .set({ ...values, version: before.version + 1 })
        .where(eq(complaint.id, before.id));
    else await tx.insert(complaint).values({ clubId, id: derivedId(athleteId, origin), athleteId, origin, ...values });
  }
  for (const gone of stored.filter(
    ({ origin, score }) => score > 0 && !standing.some((one) => one.origin === origin),
  )) {
    moves.push({ place: gone.place, from: gone.score, to: 0 });
    await tx
      .update(complaint)
      .set({ score: 0, signs: [], returning: null, version: gone.version + 1 })
      .where(eq(complaint.id, gone.id));
  }
  return moves;
}
