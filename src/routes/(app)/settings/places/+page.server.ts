import { hasKit } from '$core/day';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { DEFAULT_KIT, EQUIPMENT, placeOf } from '$lib/model/kit';
import { clubPage } from '$lib/server/reads/page-thread';
import { placeForms } from '$lib/server/forms/settings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const exercises = [...club.library.exercises.values()];
  return {
    ...clubPage(club, '/settings/places'),
    equipment: EQUIPMENT,
    all: exercises.length,
    blank: DEFAULT_KIT,
    places: club.facilities.map(({ id, name, kit: stored }) => {
      const kit = { ...DEFAULT_KIT, ...stored };
      const place = placeOf(kit);
      return {
        id,
        name,
        kit,
        squads: club.squads.filter(({ facilityId }) => facilityId === id).map((squad) => squad.name),
        fits: exercises.filter((exercise) => hasKit(exercise, place)).length,
      };
    }),
  };
};

export const actions = placeForms;
