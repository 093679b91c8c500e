import { asc, eq } from 'drizzle-orm';
import { TEST_SPECS } from '$catalog';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { athlete, squadAthlete } from '$lib/server/db/schema';
import { loadClub } from '$lib/server/repositories/club-context';
import { clubPage } from '$lib/server/services/page-thread';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId, role } = identityOf(locals);
  const { club, people } = await withClub(clubId, async (tx) => ({
    club: await loadClub(tx),
    people: await tx
      .select({ id: athlete.id, name: athlete.name, squadId: squadAthlete.squadId })
      .from(athlete)
      .innerJoin(squadAthlete, eq(squadAthlete.athleteId, athlete.id))
      .orderBy(asc(athlete.name)),
  }));
  return {
    ...clubPage(club, '/measure'),
    today: club.today,
    squads: club.squads.map(({ id, name }) => ({ id, name, people: people.filter(({ squadId }) => squadId === id) })),
    specs: [...TEST_SPECS.values()],
    may: { write: can(role, 'log') },
  };
};
