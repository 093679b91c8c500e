import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { libraryFile } from '$lib/server/files/read-library';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  return new Response(`${JSON.stringify(libraryFile(club.library), null, 2)}\n`, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': 'attachment; filename="library.json"',
    },
  });
};
