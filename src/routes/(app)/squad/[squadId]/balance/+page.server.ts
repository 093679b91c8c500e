import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { remembered } from '$lib/server/db/remembered';
import { isId } from '$lib/server/http';
import { readBalance } from '$lib/server/reads/balance';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId } = identityOf(locals);
  if (!isId(params.squadId)) error(404, 'There is no such squad.');
  const asked = url.searchParams.get('for');
  return remembered(clubId, `balance ${params.squadId} ${asked ?? ''}`, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    return readBalance(tx, club, squad, await loadSquadAthletes(tx, squad.id, club.today), asked);
  });
};
