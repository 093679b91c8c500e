import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { remembered } from '$lib/server/db/remembered';
import { isId } from '$lib/server/http';
import { weeksAsked } from '$lib/model/athlete-history';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { readSquadHistory } from '$lib/server/reads/squad-history';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId } = identityOf(locals);
  if (!isId(params.squadId)) error(404, 'There is no such squad in this club.');
  const weeks = weeksAsked(url.searchParams);
  const of = url.searchParams.get('of')?.slice(0, 40) ?? null;
  return remembered(clubId, `squad history ${params.squadId} ${String(weeks)} ${of ?? ''}`, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    return {
      thread: {
        knots: [squadKnot(club, squad, (one) => `/squad/${one.id}/history`)],
        level: 1,
        ...threadEnd(club, squad, club.today),
      },
      clubName: club.name,
      massUnit: club.massUnit,
      squad: { id: squad.id, name: squad.name },
      history: await readSquadHistory(tx, club, squad, weeks, of),
    };
  });
};
