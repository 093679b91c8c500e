import { redirect } from '@sveltejs/kit';
import { gte } from 'drizzle-orm';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { testDay } from '$lib/server/db/schema';
import { loadClub } from '$lib/server/repositories/club-context';
import type { PageServerLoad } from './$types';

/** The start line opens on the squad that is tested today, or next; else on the first, today. */
export const load: PageServerLoad = async ({ locals }) => {
  const { club, days } = await withClub(identityOf(locals).clubId, async (tx) => {
    const found = await loadClub(tx);
    return {
      club: found,
      days: await tx.select().from(testDay).where(gte(testDay.day, found.today)).orderBy(testDay.day).limit(1),
    };
  });
  const [next] = days;
  const [first] = club.squads;
  if (next) redirect(307, `/start/${next.squadId}/${next.day}`);
  redirect(307, first ? `/start/${first.id}/${club.today}` : '/squad');
};
