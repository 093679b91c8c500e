import { redirect } from '@sveltejs/kit';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { identityOf } from '$lib/server/auth/identity';
import { nextCardDay } from '$lib/server/reads/page-thread';
import type { PageServerLoad } from './$types';

/** The Bench opens on the squad that trains next. */
export const load: PageServerLoad = async ({ locals }) => {
  const club = await withClub(identityOf(locals).clubId, (tx) => loadClub(tx));
  const [first] = club.squads
    .map((squad) => ({ squad, day: nextCardDay(squad, club.today) }))
    .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  redirect(307, first ? `/bench/${first.squad.id}/${first.day}` : '/squad');
};
