import { asc, eq } from 'drizzle-orm';
import { makeContext } from '$core/choose';
import { firstSide, regressionOf, squadDoseOf, type DayLine, type Regression } from '$core/day';
import { rampSets } from '$core/dose';
import { getExercise } from '$core/library';
import { rampKindOf } from '$core/session';
import { viewsOf } from '$lib/model/exercise-view';
import { placeOf } from '$lib/model/kit';
import type { Tx } from '../db/client';
import { gymSession, sessionLine } from '../db/schema';
import { loadClub, libraryOf } from '../repositories/club-context';
import { loadSession } from '../repositories/sessions';
import { kitFor } from './make-brief';
import { sayDay } from './page-thread';
import { readCard } from './read-card';
import { shareAlike } from './share-alike';
import { loadSquadDay, type SquadDay } from './squad-day';

/** The squad's day of a session, by the session's id. @returns null when there is none */
export async function loadSessionDay(tx: Tx, sessionId: string): Promise<SquadDay | null> {
  const session = await loadSession(tx, sessionId);
  return session ? loadSquadDay(tx, session.squadId, session.day, session.athleteId) : null;
}

/** The floor's page: each line with who does what of it today, and the sets as they stand. */
export function readFloor(rows: SquadDay, health: boolean, mayLog: boolean) {
  const { club, squad, session, sets, athletes } = rows;
  const read = readCard(rows, health);
  if (!session || !read) return null;
  const names = new Map(athletes.map(({ id, name }) => [id, name]));
  const kit = kitFor(rows);
  const { loading } = placeOf(kit);
  const context = makeContext(read.brief, libraryOf(club, squad), club.method);
  const facts = new Map(read.brief.athletes.map((athlete) => [athlete.id, athlete]));
  const below = (own: DayLine): Regression | null => {
    const athlete = facts.get(own.athleteId);
    return athlete && !read.frozen ? regressionOf(own, athlete, context.forAthlete(athlete.id)) : null;
  };
  const firstOf = (own: DayLine): 'left' | 'right' | null => {
    const athlete = facts.get(own.athleteId);
    return athlete && own.exerciseId !== null ? firstSide(getExercise(club.library, own.exerciseId), athlete) : null;
  };
  const lines = read.card.lines.map((line) => ({
    slot: line.slot,
    block: line.block,
    group: line.group,
    exerciseId: line.exerciseId,
    note: line.note,
    dose: squadDoseOf(line, read.view),
    // nothing of a health note where the room can read it: "own line" (SAFE-7)
    athletes: read.view.flatMap((own) =>
      own.slot === line.slot && own.exerciseId !== null
        ? [
            {
              id: own.athleteId,
              name: names.get(own.athleteId) ?? '',
              exerciseId: own.exerciseId,
              row: own.row,
              dose: own.dose,
              based: own.based,
              eased: own.eased,
              ramp: rampSets(
                getExercise(club.library, own.exerciseId),
                own.dose,
                loading,
                club.method,
                rampKindOf(line.slot, read.card.lines),
              ),
              below: below(own),
              first: firstOf(own),
              replaced: own.exerciseId !== line.exerciseId,
              stopped: own.stopped !== null,
            },
          ]
        : [],
    ),
  }));
  const ids = new Set(
    lines.flatMap((line) => [
      line.exerciseId,
      ...line.athletes.flatMap((one) => [one.exerciseId, ...(one.below ? [one.below.exerciseId] : [])]),
    ]),
  );
  return {
    session: {
      id: session.id,
      day: session.day,
      minutes: session.minutes,
      title: `${squad.name}, ${sayDay(session.day)}`,
      back: `/bench/${squad.id}/${session.day}`,
      closed: session.closedAt !== null,
      frozen: read.frozen,
    },
    people: [...names].map(([id, name]) => ({ id, name })),
    massUnit: club.massUnit,
    selfPaced: squad.schools.jumpRest === 'self-paced',
    selfPacedRule: club.method.settings.rest.selfPaced,
    racks: kit.racks,
    plates: loading.barbell,
    lines: shareAlike(lines),
    views: viewsOf(ids, libraryOf(club, squad)),
    beats: read.assessment.timeline.beats,
    ramps: read.assessment.timeline.ramps,
    logs: sets.map(
      ({ athleteId, slot, setNumber, exerciseId, amount, loadKg, rir, fault, output, asWritten, flagged }) => ({
        athleteId,
        exerciseId,
        slot,
        setNumber,
        amount,
        loadKg,
        rir,
        fault,
        output,
        asWritten,
        flagged,
      }),
    ),
    mayLog,
  };
}

/** Today's sessions, for the floor's door. */
export async function loadFloorDoor(tx: Tx) {
  const club = await loadClub(tx);
  const sessions = await tx.query.gymSession.findMany({
    where: eq(gymSession.day, club.today),
    with: { lines: { columns: { slot: true }, orderBy: asc(sessionLine.position) } },
  });
  const squads = new Map(club.squads.map(({ id, name }) => [id, name]));
  return {
    clubName: club.name,
    massUnit: club.massUnit,
    sessions: sessions.map(({ id, squadId, minutes, athleteId }) => ({
      id,
      name: `${squads.get(squadId) ?? ''}${athleteId === null ? '' : ', own card'}`,
      minutes,
    })),
  };
}
