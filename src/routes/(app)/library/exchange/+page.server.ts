import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { clubPage } from '$lib/server/reads/page-thread';
import { previewLibrary, takeLibrary } from '$lib/server/forms/library';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  return {
    ...clubPage(club, '/library/exchange'),
    count: club.library.exercises.size,
    ladders: club.library.ladders.size,
    sports: club.library.sports.size,
    own: club.entries.length,
  };
};

export const actions = { preview: previewLibrary, take: takeLibrary };
