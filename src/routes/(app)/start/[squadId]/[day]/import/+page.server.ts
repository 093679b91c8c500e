import { error } from '@sveltejs/kit';
import { testSpecs } from '$core/athlete';
import { isDay } from '$core/calendar';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub, type Tx } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { sayDay, squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { previewResults, takeResults } from '$lib/server/forms/results-file';
import type { PageServerLoad } from './$types';

async function open(tx: Tx, squadId: string, day: string) {
  if (!isDay(day)) error(404, 'There is no such day.');
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === squadId);
  if (!squad) error(404, 'There is no such squad.');
  return { club, squad };
}

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  if (!can(role, 'log')) error(403, 'Your role reads results; it does not write them.');
  const { club, squad } = await withClub(clubId, (tx) => open(tx, params.squadId, params.day));
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/start/${one.id}/${params.day}/import`)],
      level: 1,
      ...threadEnd(club, squad, params.day),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    day: params.day,
    dayWords: sayDay(params.day),
    tests: [...testSpecs(club.method).values()].map(({ id, name, sides }) => ({ id, name, sides })),
  };
};

export const actions = { preview: previewResults, take: takeResults };
