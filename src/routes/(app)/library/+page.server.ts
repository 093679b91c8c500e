import { DEFAULT_KIT, EQUIPMENT, placeOf } from '$lib/model/kit';
import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { libraryOf, loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { libraryIndex } from '$lib/server/reads/library-index';
import { clubPage } from '$lib/server/reads/page-thread';
import type { PageServerLoad } from './$types';

/** Entries the page brings along; the finder fetches the others while these are read. */
const FIRST = 40;

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  return remembered(clubId, 'library', async (tx) => readLibrary(await loadClub(tx)));
};

function readLibrary(club: ClubContext) {
  const library = libraryOf(club);
  return {
    ...clubPage(club, '/library'),
    entries: libraryIndex(library, club).slice(0, FIRST),
    count: library.exercises.size,
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
}
