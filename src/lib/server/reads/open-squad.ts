import { error } from '@sveltejs/kit';
import type { Tx } from '../db/client';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';

/** A squad of the club with the club around it. @throws {HttpError} 404, the club has no such squad */
export async function openSquad(tx: Tx, squadId: string): Promise<{ club: ClubContext; squad: SquadRow }> {
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === squadId);
  if (!squad) error(404, 'There is no such squad in this club.');
  return { club, squad };
}
