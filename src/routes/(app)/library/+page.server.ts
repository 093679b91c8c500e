import { DEFAULT_KIT, EQUIPMENT, placeOf } from '$lib/model/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { libraryIndex } from '$lib/server/reads/library-index';
import { clubPage } from '$lib/server/reads/page-thread';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const library = libraryOf(club);
  return {
    ...clubPage(club, '/library'),
    entries: libraryIndex(library, club),
    ladders: [...library.ladders.values()].map(({ id, name }) => ({ id, name })),
    equipment: EQUIPMENT,
    kits: club.facilities.map(({ id, name, kit }) => {
      const { equipment, lane } = placeOf({ ...DEFAULT_KIT, ...kit });
      return { id, name, equipment, lane };
    }),
    spared: Object.entries(club.method.places)
      .filter(([, { row }]) => row !== 'head' && row !== 'neck')
      .map(([id, { name }]) => ({ id, name })),
  };
};
