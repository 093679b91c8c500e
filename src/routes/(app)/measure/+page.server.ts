import { testSpecs } from '$core/athlete';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { loadPeople } from '$lib/server/repositories/people';
import { clubPage } from '$lib/server/reads/page-thread';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId, role } = identityOf(locals);
  const { club, people } = await withClub(clubId, async (tx) => ({
    club: await loadClub(tx),
    people: await loadPeople(tx),
  }));
  return {
    ...clubPage(club, '/measure'),
    today: club.today,
    squads: club.squads.map(({ id, name }) => ({ id, name, people: people.filter(({ squadId }) => squadId === id) })),
    specs: [...testSpecs(club.method).values()],
    may: { write: can(role, 'log') },
  };
};
