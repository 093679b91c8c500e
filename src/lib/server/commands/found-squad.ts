import { fail, ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { loadClub } from '../repositories/club-context';
import { addAthletes } from './roster';
import { makeSquad, type NewSquad } from './squads';

/** What came of a new squad's one page. */
export interface FoundedSquad {
  readonly id: string;
  /** headings of the pasted people that say nothing known */
  readonly unread: readonly string[];
}

/**
 * Makes a squad with its people in one go: all of it or nothing.
 * @param id the squad's, from the command; ids of new people follow from it
 * @param names people as they are pasted; empty = they come later
 * @returns the squad, or what stands against it, people by the number of their line
 */
export async function foundSquad(
  tx: Tx,
  id: string,
  { names, ...value }: NewSquad & { readonly names: string },
  actor: string,
): Promise<Result<FoundedSquad>> {
  const made = await makeSquad(tx, await loadClub(tx), id, value, actor);
  if (!made.ok) return made;
  if (names.trim() === '') return ok({ id, unread: [] });
  const club = await loadClub(tx);
  const squad = club.squads.find((one) => one.id === id);
  if (!squad) throw new Error('A squad that was just made is there.');
  const added = await addAthletes(tx, club, squad, id, names, actor);
  if (!added.ok) return added;
  const { left, unread } = added.value;
  return left.length > 0 ? fail('too_many_people', ['names'], { left: left.length }) : ok({ id, unread });
}
