import { v7 } from 'uuid';
import { DEFAULT_SCHOOLS } from '$core/method';
import { withClub } from '../db/client';
import { club, staff } from '../db/schema';
import { auth } from './auth';

/**
 * A club of one's own: the organisation in sign-in, and the club's first rows. Made by the server for a new account
 * that was not invited.
 */
export async function createClub(user: { id: string; name: string }, name: string, zone: string): Promise<string> {
  const made = await auth().api.createOrganization({ body: { name, slug: v7(), userId: user.id } });
  const clubId = made.id;
  await withClub(clubId, async (tx) => {
    await tx.insert(club).values({ clubId, name, zone, schools: DEFAULT_SCHOOLS });
    await tx.insert(staff).values({ clubId, userId: user.id, displayName: user.name });
  });
  return clubId;
}
