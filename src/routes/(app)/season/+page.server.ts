import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import type { PageServerLoad } from './$types';

/** The Season opens on the first squad that has one, else on the first. */
export const load: PageServerLoad = async ({ locals }) => {
  const { squads } = await withClub(identityOf(locals).clubId, (tx) => loadClub(tx));
  const found = squads.find(({ season }) => season !== null) ?? squads[0];
  redirect(307, found ? `/season/${found.id}` : '/squad');
};
