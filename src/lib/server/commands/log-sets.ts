import { inArray } from 'drizzle-orm';
import { tierOf } from '$core/jumps';
import { entryOnRung } from '$core/progress';
import { barsWork } from '$core/safety';
import type { Begun } from '$core/day';
import type { SetLogBody } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { gymSession, setLog } from '../db/schema';
import { activeComplaints, loadSquadsAthletes, type AthleteRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { begunIn, loadSessionsById, loadSets, type SessionRow } from '../repositories/sessions';
import { lockAthletes, refoldTracks } from './refold';
import { KEPT, refused, type ItemAnswer } from './run-command';
import { settleSessions } from './settle-sessions';

/** A device's clock may run this far ahead before it is not believed. */
const CLOCK_AHEAD_MS = 5 * 60_000;

/**
 * Keeps sets as they come from the floor, in any order and as often as a device repeats them. A set that was done is
 * never refused for what changed since: it stands with what the device showed. The time of doing decides which of several
 * taps on a set counts; taking one back is a tap too.
 * @returns an answer a set, in the order they came
 */
export async function logSets(
  tx: Tx,
  club: ClubContext,
  actor: string,
  sets: readonly SetLogBody[],
  now: Date,
): Promise<ItemAnswer[]> {
  const sessions = new Map(
    (await loadSessionsById(tx, [...new Set(sets.map(({ sessionId }) => sessionId))])).map((one) => [one.id, one]),
  );
  await lockSessions(tx, [...sessions.keys()]);
  const squads = await loadSquadsAthletes(
    tx,
    [...new Set([...sessions.values()].map(({ squadId }) => squadId))],
    club.today,
    club.today,
  );
  const logged = await loadSets(tx, [...sessions.keys()]);
  const judged = sets.map((set) => judge(set, sessions.get(set.sessionId), squads, logged, club));
  const rows = judged.flatMap(({ row }) => (row ? [row] : []));
  const athleteIds = [...new Set(rows.map(({ athleteId }) => athleteId))];
  await lockAthletes(tx, athleteIds);
  if (rows.length > 0)
    await tx
      .insert(setLog)
      .values(
        rows
          .map(({ doneAt, ...row }) => ({ ...row, clubId: club.clubId, actor, doneAt: believed(doneAt, now) }))
          .sort((a, b) => (a.id < b.id ? -1 : 1)),
      )
      .onConflictDoNothing();
  const [firstDay] = rows.map(({ day }) => day).sort();
  if (firstDay !== undefined) await settleSessions(tx, club, athleteIds, { before: firstDay });
  for (const athleteId of athleteIds.sort())
    await refoldTracks(tx, club.clubId, athleteId, [
      ...new Set(rows.filter((row) => row.athleteId === athleteId).map(({ exerciseId }) => exerciseId)),
    ]);
  return judged.map(({ answer }) => answer);
}

async function lockSessions(tx: Tx, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  await tx
    .select({ id: gymSession.id })
    .from(gymSession)
    .where(inArray(gymSession.id, [...ids].sort()))
    .orderBy(gymSession.id)
    .for('no key update');
}

/** A clock far ahead would outrank every later tap. */
const believed = (doneAt: string, now: Date): Date => {
  const at = new Date(doneAt);
  return at.getTime() > now.getTime() + CLOCK_AHEAD_MS ? now : at;
};

type Row = Omit<typeof setLog.$inferInsert, 'clubId' | 'actor' | 'doneAt'> & { readonly doneAt: string };

function judge(
  set: SetLogBody,
  session: SessionRow | undefined,
  squads: ReadonlyMap<string, readonly AthleteRow[]>,
  logged: Parameters<typeof begunIn>[0],
  club: ClubContext,
): { answer: ItemAnswer; row: Row | null } {
  const no = (code: string) => ({ answer: refused({ code, path: [set.slot] }), row: null });
  if (!session) return no('session_unknown');
  const athlete = squads.get(session.squadId)?.find(({ id }) => id === set.athleteId);
  const own = session.athleteId === null || session.athleteId === set.athleteId;
  if (!athlete || !own) return no('athlete_not_in_squad');
  const begun = begunIn(
    logged.filter(
      ({ sessionId, athleteId, slot }) => sessionId === session.id && athleteId === set.athleteId && slot === set.slot,
    ),
  );
  const first = Object.values(begun)[0] ?? null;
  const shown = shownTo(set);
  // one rung down after the same fault twice (FLOOR-3); else the first set has fixed entry and dose
  const isDown = first && shown && isRegression(first.exerciseId, shown.exerciseId, club);
  const fixed: Begun | null = (isDown ? shown : first) ?? shown ?? writtenOn(session, set);
  if (!fixed) return no('line_unknown');
  const exercise = club.library.exercises.get(fixed.exerciseId);
  if (!exercise) return no('entry_unknown');
  const flagged = activeComplaints(athlete.complaints, session.day, club.method).some(
    (one) => barsWork(one, exercise, fixed.row, tierOf(exercise, fixed.written), club.method) !== null,
  );
  const { id, sessionId, athleteId, slot, setNumber, amount, loadKg, rir, fault, output, asWritten, doneAt, removed } =
    set;
  const { exerciseId, row, written, based, eased } = fixed;
  return {
    answer: KEPT,
    row: {
      id,
      sessionId,
      athleteId,
      slot,
      setNumber,
      day: session.day,
      exerciseId,
      row,
      written,
      based,
      eased,
      amount,
      loadKg,
      rir,
      fault,
      output,
      asWritten,
      doneAt,
      removed,
      flagged,
    },
  };
}

const isRegression = (from: string, to: string, { library }: ClubContext): boolean => {
  const exercise = library.exercises.get(from);
  return exercise !== undefined && entryOnRung(exercise, -1, library)?.id === to;
};

/** What the device showed: the athlete did that, whatever the card says by now. */
const shownTo = ({ shown }: SetLogBody): Begun | null =>
  shown && {
    exerciseId: shown.exerciseId,
    row: shown.row,
    written: shown.dose,
    based: shown.based,
    eased: shown.eased,
  };

/** For a device that does not say what it showed: the card. */
function writtenOn(session: SessionRow, { slot, athleteId }: SetLogBody): Begun | null {
  const line = session.lines.find((one) => one.slot === slot);
  const typed = session.typed.find((one) => one.slot === slot && one.athleteId === athleteId);
  if (!line) return null;
  return {
    exerciseId: typed?.exerciseId ?? line.exerciseId,
    row: typed?.row ?? line.row,
    written: typed?.dose ?? line.dose,
    based: null,
    eased: [],
  };
}
