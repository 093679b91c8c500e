import { eq } from 'drizzle-orm';
import type { Tx } from '../db/client';
import { club, squad } from '../db/schema';

/** Who changes the club's own records does it one after the other. */
export async function lockClub(tx: Tx, clubId: string): Promise<void> {
  await tx.select({ id: club.clubId }).from(club).where(eq(club.clubId, clubId)).for('no key update');
}

/** Who changes a squad, its events or its season does it one after the other; sets and cards go on meanwhile. */
export async function lockSquad(tx: Tx, squadId: string): Promise<void> {
  await tx.select({ id: squad.id }).from(squad).where(eq(squad.id, squadId)).for('no key update');
}
