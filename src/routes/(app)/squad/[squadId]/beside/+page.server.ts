import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { withClub } from '$lib/server/db/client';
import { readBeside } from '$lib/server/reads/beside';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadSides } from '$lib/server/repositories/sides';
import { besideForms } from '$lib/server/forms/calls';
import type { PageServerLoad } from './$types';

/** What a squad and its athletes do beside the sessions, and how much of it is done (SIDE-1). */
export const load: PageServerLoad = ({ locals, params }) =>
  withClub(identityOf(locals).clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    return readBeside(club, squad, athletes, await loadSides(tx, [squad.id], null, club.today));
  });

export const actions = besideForms;
