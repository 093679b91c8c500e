import { appliedWords, askedWords } from '$lib/messages';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { clubPage } from '$lib/server/reads/page-thread';
import { loadClub } from '$lib/server/repositories/club-context';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  return {
    ...clubPage(club, '/settings/policy'),
    applied: appliedWords(club.method.settings),
    asked: askedWords(club.method.settings),
    /** squads whose coach is asked about everything */
    askEverything: club.squads.filter(({ schools }) => schools.calls !== 'few').map(({ id, name }) => ({ id, name })),
    hasSquads: club.squads.length > 0,
  };
};
