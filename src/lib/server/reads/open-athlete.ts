import { error } from '@sveltejs/kit';
import type { Tx } from '../db/client';
import { loadAthlete, type AthletePage } from '../repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';

/**
 * An athlete in a squad, as an address names them.
 * @throws {HttpError} 404, no such athlete in this squad
 */
export async function openAthlete(
  tx: Tx,
  params: { readonly squadId: string; readonly athleteId: string },
): Promise<{ club: ClubContext; squad: SquadRow; row: AthletePage }> {
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === params.squadId);
  const row = await loadAthlete(tx, params.athleteId, club.today);
  if (!squad || !row || !row.squads.some(({ squadId }) => squadId === squad.id))
    error(404, 'There is no such athlete in this squad.');
  return { club, squad, row };
}
