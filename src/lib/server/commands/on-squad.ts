import { error, type RequestEvent } from '@sveltejs/kit';
import type { Result } from '$core/result';
import { identityOf } from '../auth/identity';
import type { Tx } from '../db/client';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { runOne } from './run-command';
import { asStep, moveSteps } from './season-step';

/** A squad of the club with the club around it. @throws {HttpError} 404, the club has no such squad */
export async function openSquad(tx: Tx, squadId: string): Promise<{ club: ClubContext; squad: SquadRow }> {
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === squadId);
  if (!squad) error(404, 'There is no such squad in this club.');
  return { club, squad };
}

/** One form of a squad's page as a command on that squad; what it moves in the squad's plan can be taken back. */
export async function onSquad<T>(
  { locals, params }: RequestEvent<{ squadId: string }>,
  id: string,
  verb: string,
  body: unknown,
  work: (tx: Tx, of: { club: ClubContext; squad: SquadRow; actor: string }) => Promise<Result<T>>,
) {
  const { clubId, userId } = identityOf(locals);
  return runOne({ clubId, id, verb, actor: userId }, { squadId: params.squadId, body }, async (tx) =>
    changeSquadBy(tx, params.squadId, verb, userId, work),
  );
}

/** Takes the last step of a squad's plan back, or puts one back. */
export async function moveStepsOf(
  { locals, params }: RequestEvent<{ squadId: string }>,
  id: string,
  verb: 'undo' | 'redo',
) {
  const { clubId, userId } = identityOf(locals);
  return runOne({ clubId, id, verb: `season-${verb}`, actor: userId }, { squadId: params.squadId }, async (tx) =>
    moveSteps(tx, { ...(await openSquad(tx, params.squadId)), actor: userId, verb }),
  );
}

async function changeSquadBy<T>(
  tx: Tx,
  squadId: string,
  verb: string,
  actor: string,
  work: (tx: Tx, of: { club: ClubContext; squad: SquadRow; actor: string }) => Promise<Result<T>>,
): Promise<Result<T>> {
  const of = { ...(await openSquad(tx, squadId)), actor };
  return asStep(tx, { ...of, verb }, () => work(tx, of));
}
