import { and, desc, eq, gt, inArray } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { nextDose, type Change } from '$core/progress';
import { trackKey } from '$core/track';
import type { Decide } from '$lib/model/bodies';
import type { Tx } from '../db/client';
import { athlete, fact, squadAthlete } from '../db/schema';
import { LISTED_DAYS } from '../reads/call-rows';
import { progressCases } from '../reads/progress-case';
import { knowRow, loadSquadsAthletes, type KnownAthlete } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { loadSessionHeads, type SessionHead } from '../repositories/session-heads';
import { lastSessions } from './apply-by-rule';
import { derivedId } from './facts';
import { keepSteps, type Step } from './keep-steps';
import { lockAthletes } from './refold';
import { canonical, KEPT, refused, type ItemAnswer } from './run-command';
import { settleSessions } from './settle-sessions';

type Item = Decide['items'][number];

/** What becomes of an item: its answer, and the step where it is kept. */
interface Judged {
  readonly answer: ItemAnswer;
  readonly step: Omit<Step, 'id' | 'cause' | 'athleteId' | 'exerciseId' | 'row'> | null;
}

/**
 * The coach's word on what the rules ask, or have done. What waits is a reading of the tracks: it is read again here, and
 * only what still reads as it did on screen is settled; the rest comes back as it reads now. *Back* puts in its place what
 * a rule has moved.
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
  const judge = decision === 'back' ? await backJudge(tx, athleteIds, club.today) : await openJudge(tx, people, club);
  const judged = items.map((item): Judged & { item: Item } => {
    const person = people.get(item.athleteId);
    return { item, ...(person ? judge(item, person) : UNKNOWN) };
  });
  await keepSteps(
    tx,
    club,
    actor,
    judged.flatMap(({ item, step }): Step[] =>
      step
        ? [
            {
              ...step,
              id: derivedId(id, item.athleteId, item.exerciseId, item.row),
              cause: decision === 'held' ? 'held' : 'accepted',
              athleteId: item.athleteId,
              exerciseId: item.exerciseId,
              row: item.row,
            },
          ]
        : [],
    ),
  );
  return judged.map(({ answer }) => answer);
}

interface Person {
  readonly squad: SquadRow;
  readonly known: KnownAthlete;
}
type Judge = (item: Item, person: Person) => Judged;

const UNKNOWN: Judged = { answer: refused({ code: 'athlete_unknown', path: [] }), step: null };
const conflict = (there: unknown): Judged => ({ answer: { state: 'conflict', there }, step: null });

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
      if (athleteIds.includes(row.id) && !found.has(row.id))
        found.set(row.id, { squad, known: knowRow(row, club.today, club, squad) });
  return found;
}

/** What still waits as it did on screen. */
async function openJudge(tx: Tx, people: ReadonlyMap<string, Person>, club: ClubContext): Promise<Judge> {
  const sessionOf = await loadSessionHeads(tx, [
    ...new Set([...people.values()].flatMap(({ known }) => lastSessions(known.tracks))),
  ]);
  return ({ exerciseId, row, to }, { known, squad }) => {
    const change = changeOf(exerciseId, row, known, squad, sessionOf, club);
    if (!change || canonical(change.to) !== canonical(to)) return conflict(change?.to ?? null);
    const { from, rules, saw } = change;
    return {
      answer: KEPT,
      step: { from, to: change.to, rules, saw, squadId: squad.id, tight: saw.answer === 'tight' },
    };
  };
}

function changeOf(
  exerciseId: string,
  row: Item['row'],
  known: Person['known'],
  squad: SquadRow,
  sessionOf: (id: string) => SessionHead | undefined,
  club: ClubContext,
): Change | null {
  const of = progressCases(known, squad, sessionOf, club).find(
    (one) => one.track.exerciseId === exerciseId && one.row === row,
  );
  return of ? nextDose(of, club.library, club.method) : null;
}

/** What a rule moved, while it still stands as the rule left it. */
async function backJudge(tx: Tx, athleteIds: readonly string[], today: Day): Promise<Judge> {
  const moves = await tx
    .select()
    .from(fact)
    .where(
      and(
        inArray(fact.athleteId, [...athleteIds]),
        eq(fact.kind, 'step'),
        eq(fact.actor, 'rule'),
        gt(fact.day, addDays(today, -LISTED_DAYS)),
      ),
    )
    .orderBy(desc(fact.seq));
  return ({ athleteId, exerciseId, row, to }, { known, squad }) => {
    const move = moves.find((one) => one.athleteId === athleteId && one.exerciseId === exerciseId && one.row === row);
    const body = move?.body as { readonly from?: Change['from']; readonly to?: Change['to'] } | undefined;
    const now = known.tracks.find((track) => trackKey(track.exerciseId, track.row) === trackKey(exerciseId, row));
    const stands = now?.owned?.dose;
    if (!body?.from || canonical(body.to) !== canonical(to) || canonical(stands) !== canonical(to.dose))
      return conflict(stands ?? null);
    return {
      answer: KEPT,
      step: {
        from: { exerciseId, dose: to.dose },
        to: body.from,
        rules: ['PROG-12'],
        saw: {},
        squadId: squad.id,
        tight: false,
      },
    };
  };
}
