import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadDaySessions } from '$lib/server/repositories/calls';
import { loadClub } from '$lib/server/repositories/club-context';
import type { PageServerLoad } from './$types';

/** The floor opens on today's one session; with none or several it asks. */
export const load: PageServerLoad = async ({ locals }) => {
  const { club, sessions } = await withClub(identityOf(locals).clubId, async (tx) => {
    const context = await loadClub(tx);
    return { club: context, sessions: await loadDaySessions(tx, context.today) };
  });
  const [only] = sessions;
  if (sessions.length === 1 && only) redirect(307, `/floor/${only.id}`);
  const squads = new Map(club.squads.map(({ id, name }) => [id, name]));
  return {
    clubName: club.name,
    massUnit: club.massUnit,
    sessions: sessions.map(({ id, squadId, minutes, athleteId }) => ({
      id,
      name: `${squads.get(squadId) ?? ''}${athleteId === null ? '' : ', own card'}`,
      minutes,
    })),
  };
};
