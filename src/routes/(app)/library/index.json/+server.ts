import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { libraryIndex } from '$lib/server/reads/library-index';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import type { RequestHandler } from './$types';

/** Every entry as the finder searches it; the page itself brings only the first of them. */
export const GET: RequestHandler = async ({ locals }) => {
  const { text } = await remembered(identityOf(locals).clubId, 'library index', async (tx) => {
    const club = await loadClub(tx);
    return { text: JSON.stringify(libraryIndex(libraryOf(club), club)) };
  });
  return new Response(text, { headers: { 'content-type': 'application/json' } });
};
