import { eq, inArray } from 'drizzle-orm';
import { nextDose } from '$core/progress';
import { trackKey } from '$core/track';
import type { Decide } from '$lib/model/bodies';
import { placeOf } from '$lib/model/kit';
import type { Tx } from '../db/client';
import { athlete, squadAthlete } from '../db/schema';
import { knowRow, loadSquadsAthletes, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { addFacts, derivedId } from './facts';
import { recordChanges } from './record-change';
import { lockAthletes, refoldTracks } from './refold';
import { canonical, KEPT, refused, type ItemAnswer } from './run-command';
import { settleSessions } from './settle-sessions';

type Item = Decide['items'][number];

/**
 * The coach's word on what the rules ask. What waits is a reading of the tracks: it is read again here, and only what
 * still reads as it did on screen is settled; the rest comes back as it reads now.
 * @param id the command's: ids of the facts follow from it
 */
export async function decide(
  tx: Tx,
  club: ClubContext,
  { id, items, decision }: Decide,
  actor: string,
): Promise<ItemAnswer[]> {
  const athleteIds = [...new Set(items.map(({ athleteId }) => athleteId))];
  await lockAthletes(tx, athleteIds);
  await settleSessions(tx, club, athleteIds, { before: club.today });
  const people = await peopleOf(tx, club, athleteIds);
  const judged = items.map((item) => ({ item, ...judge(item, people.get(item.athleteId), club) }));
  const good = judged.filter(({ answer }) => answer.state === 'kept');
  await addFacts(
    tx,
    club.clubId,
    good.map(({ item, tight, from, rules, saw }) => ({
      id: derivedId(id, item.athleteId, item.exerciseId, item.row),
      kind: 'step',
      day: club.today,
      actor,
      athleteId: item.athleteId,
      exerciseId: item.exerciseId,
      row: item.row,
      body: {
        cause: decision,
        to: decision === 'accepted' ? item.to : from,
        sessionId: null,
        tight,
        rules,
        saw,
      },
    })),
  );
  for (const athleteId of new Set(good.map(({ item }) => item.athleteId)))
    await refoldTracks(tx, club.clubId, athleteId, [
      ...new Set(
        good
          .filter(({ item }) => item.athleteId === athleteId)
          .flatMap(({ item }) => [item.exerciseId, item.to.exerciseId]),
      ),
    ]);
  await recordChanges(
    tx,
    club.clubId,
    good.map(({ item, from, rules, saw, squadId }) => ({
      day: club.today,
      actor,
      subject: decision === 'accepted' ? 'dose' : 'dose-held',
      athleteId: item.athleteId,
      squadId,
      from,
      to: decision === 'accepted' ? item.to : from,
      rules,
      saw,
    })),
  );
  return judged.map(({ answer }) => answer);
}

interface Person {
  readonly row: AthleteRow;
  readonly squad: SquadRow;
}

/** Athletes with the squad each trains with. */
async function peopleOf(tx: Tx, club: ClubContext, athleteIds: readonly string[]): Promise<Map<string, Person>> {
  const homes = await tx
    .select({ athleteId: squadAthlete.athleteId, squadId: squadAthlete.squadId })
    .from(squadAthlete)
    .innerJoin(athlete, eq(athlete.id, squadAthlete.athleteId))
    .where(inArray(squadAthlete.athleteId, [...athleteIds]));
  const squads = club.squads.filter(({ id }) => homes.some(({ squadId }) => squadId === id));
  const rows = await loadSquadsAthletes(
    tx,
    squads.map(({ id }) => id),
    club.today,
  );
  const found = new Map<string, Person>();
  for (const squad of squads)
    for (const row of rows.get(squad.id) ?? [])
      if (athleteIds.includes(row.id) && !found.has(row.id)) found.set(row.id, { row, squad });
  return found;
}

function judge({ exerciseId, row, to }: Item, person: Person | undefined, club: ClubContext) {
  const nothing = { tight: false, from: to, rules: [] as readonly string[], saw: {}, squadId: null as string | null };
  const exercise = club.library.exercises.get(exerciseId);
  if (!person || !exercise) return { ...nothing, answer: refused({ code: 'athlete_unknown', path: [] }) as ItemAnswer };
  const { facts, tracks } = knowRow(person.row, club.today, club, person.squad);
  const byKey = new Map(tracks.map((track) => [trackKey(track.exerciseId, track.row), track]));
  const track = byKey.get(trackKey(exerciseId, row));
  const change =
    track &&
    nextDose(
      {
        exercise,
        row,
        athlete: facts,
        track,
        trackOf: (id) => byKey.get(trackKey(id, row)) ?? null,
        today: club.today,
        kit: placeOf(person.squad.kit).loading,
      },
      club.library,
      club.method,
    );
  if (!change || canonical(change.to) !== canonical(to))
    return { ...nothing, answer: { state: 'conflict', there: change?.to ?? null } as ItemAnswer };
  return {
    answer: KEPT as ItemAnswer,
    tight: change.saw.answer === 'tight',
    from: change.from,
    rules: change.rules,
    saw: change.saw,
    squadId: person.squad.id,
  };
}
