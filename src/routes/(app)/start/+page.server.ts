import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import type { PageServerLoad } from './$types';

/** The start line opens on the first squad, today. */
export const load: PageServerLoad = async ({ locals }) => {
  const club = await withClub(identityOf(locals).clubId, (tx) => loadClub(tx));
  const [first] = club.squads;
  redirect(307, first ? `/start/${first.id}/${club.today}` : '/squad');
};
