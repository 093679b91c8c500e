import { fail, ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { ownSides, type OwnSide } from '../reads/sides';
import { loadSquadDay } from '../reads/squad-day';
import { homeOf, loadAthlete } from '../repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { loadSides, type DoneBody, type GivenBody } from '../repositories/sides';
import { addFacts } from './facts';
import { lockAthletes } from './refold';
import { recordChanges } from './record-change';

/** A side programme for a squad or one of its athletes. */
export interface GiveSide {
  readonly programme: string;
  /** null = everybody */
  readonly athleteId: string | null;
  readonly on: boolean;
}

/**
 * Gives a squad, or one athlete, something to do beside the sessions, or ends it (SIDE-1).
 * @returns nothing, or `side_unknown`, `athlete_not_in_squad`
 */
export async function giveSide(
  tx: Tx,
  club: ClubContext,
  squad: SquadRow,
  id: string,
  { programme, athleteId, on }: GiveSide,
  actor: string,
): Promise<Result<null>> {
  const spec = Object.hasOwn(club.method.sides, programme) ? club.method.sides[programme] : undefined;
  if (!spec) return fail('side_unknown', ['programme']);
  if (athleteId !== null) {
    const row = await loadAthlete(tx, athleteId, club.today);
    if (!row?.squads.some(({ squadId }) => squadId === squad.id)) return fail('athlete_not_in_squad', ['athleteId']);
  }
  const body: GivenBody = { programme, on };
  await addFacts(tx, club.clubId, [
    { id, kind: 'side-given', day: club.today, actor, squadId: squad.id, athleteId, body },
  ]);
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'side',
      squadId: squad.id,
      athleteId,
      from: on ? null : { name: spec.name },
      to: on ? { name: spec.name } : null,
      rules: ['SIDE-1'],
    },
  ]);
  return ok(null);
}

/**
 * Keeps that an athlete did a programme today, as it stood for them, or takes that back.
 * @returns nothing, or `side_unknown` when it is not theirs
 */
export async function doSide(
  tx: Tx,
  athleteId: string,
  id: string,
  { programme, done }: { readonly programme: string; readonly done: boolean },
  actor: string,
): Promise<Result<null>> {
  const club = await loadClub(tx);
  const row = await loadAthlete(tx, athleteId, club.today);
  const squad = row && homeOf(row, club);
  const rows = squad && (await loadSquadDay(tx, squad.id, club.today, null));
  if (!rows) return fail('side_unknown', ['programme']);
  await lockAthletes(tx, [athleteId]);
  const sides = await loadSides(
    tx,
    row.squads.map(({ squadId }) => squadId),
    athleteId,
    club.today,
  );
  const own = ownSides(rows, row, sides).find((one) => one.id === programme);
  if (!own) return fail('side_unknown', ['programme']);
  await keepSideDone(tx, { club, athleteId, own }, id, done, actor);
  return ok(null);
}

/** Adds that a programme was done on the club's day as it stood for an athlete, or that it was not. */
export async function keepSideDone(
  tx: Tx,
  {
    club,
    athleteId,
    own,
  }: {
    readonly club: Pick<ClubContext, 'clubId' | 'today'>;
    readonly athleteId: string;
    readonly own: OwnSide;
  },
  id: string,
  done: boolean,
  actor: string,
): Promise<void> {
  const lines = own.lines.flatMap(({ exercise, row, dose, barred }) =>
    barred ? [] : [{ exerciseId: exercise.id, row, dose }],
  );
  const body: DoneBody = { programme: own.id, lines, removed: !done };
  await addFacts(tx, club.clubId, [
    { id, kind: 'side', day: club.today, actor, squadId: own.squadId, athleteId, body },
  ]);
}
