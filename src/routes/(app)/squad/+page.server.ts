import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { newSquadForms } from '$lib/server/forms/new-squad';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const [first] = club.squads;
  if (first && !url.searchParams.has('new')) redirect(307, `/squad/${first.id}`);
  return {
    clubName: club.name,
    massUnit: club.massUnit,
    sports: [...club.library.sports.values()]
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    places: club.facilities.map(({ id, name }) => ({ id, name })),
    squads: club.squads.map(({ id, name }) => ({ id, name })),
  };
};

export const actions = newSquadForms;
