import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { nextTestDay } from '$lib/server/repositories/results';
import type { PageServerLoad } from './$types';

/** The start line opens on the squad that is tested today, or next; else on the first, today. */
export const load: PageServerLoad = async ({ locals }) => {
  const { club, next } = await withClub(identityOf(locals).clubId, async (tx) => {
    const found = await loadClub(tx);
    return { club: found, next: await nextTestDay(tx, found.today) };
  });
  const [first] = club.squads;
  if (next) redirect(307, `/start/${next.squadId}/${next.day}`);
  redirect(307, first ? `/start/${first.id}/${club.today}` : '/squad');
};
