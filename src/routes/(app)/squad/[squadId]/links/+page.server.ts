import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { linkedAmong } from '$lib/server/commands/athlete-link';
import { openSquad } from '$lib/server/reads/open-squad';
import { withClub } from '$lib/server/db/client';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { linkForms } from '$lib/server/forms/links';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  return withClub(clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    const linked = await linkedAmong(
      tx,
      athletes.map(({ id }) => id),
    );
    return {
      thread: {
        knots: [squadKnot(club, squad, (one) => `/squad/${one.id}/links`)],
        level: 1,
        ...threadEnd(club, squad, club.today),
      },
      clubName: club.name,
      massUnit: club.massUnit,
      squad: { id: squad.id, name: squad.name },
      athletes: athletes.map(({ id, name }) => ({ id, name, linked: linked.has(id) })),
      plans: can(role, 'plan'),
    };
  });
};

export const actions = linkForms;
