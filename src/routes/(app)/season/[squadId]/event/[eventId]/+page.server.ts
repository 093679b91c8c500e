import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { withClub } from '$lib/server/db/client';
import { readPlayed } from '$lib/server/reads/played';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { playedForms } from '$lib/server/forms/played';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  const page = await withClub(clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const event = squad.events.find(({ id }) => id === params.eventId);
    return event && readPlayed(club, squad, event, await loadSquadAthletes(tx, squad.id, club.today));
  });
  if (!page) error(404, 'There is no such event in this squad.');
  return { ...page, plans: can(role, 'plan') };
};

export const actions = playedForms;
