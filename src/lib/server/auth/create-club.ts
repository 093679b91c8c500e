import { v7 } from 'uuid';
import { DEFAULT_SCHOOLS } from '$core/method';
import { withClub, type Tx } from '../db/client';
import { club, staff } from '../db/schema';
import { auth } from './auth';

/**
 * A club of one's own: the organisation in sign-in, and the club's first rows. Made by the server for a new account
 * that was not invited.
 */
export async function createClub(user: { id: string; name: string }, name: string, zone: string): Promise<string> {
  const clubId = await foundOrganization(user.id, name);
  await withClub(clubId, (tx) => writeClub(tx, clubId, { name, zone }, [user]));
  return clubId;
}

/** The club as sign-in knows it, with its head coach. @returns its id */
export async function foundOrganization(userId: string, name: string): Promise<string> {
  const made = await auth().api.createOrganization({ body: { name, slug: v7(), userId } });
  return made.id;
}

/** A club's first rows: itself, and who of its staff the history names. */
export async function writeClub(
  tx: Tx,
  clubId: string,
  { name, zone }: { readonly name: string; readonly zone: string },
  people: readonly { readonly id: string; readonly name: string }[],
): Promise<void> {
  await tx.insert(club).values({ clubId, name, zone, schools: DEFAULT_SCHOOLS });
  await tx.insert(staff).values(people.map((one) => ({ clubId, userId: one.id, displayName: one.name })));
}
