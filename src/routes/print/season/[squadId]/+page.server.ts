import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { isId } from '$lib/server/http';
import { readSeasonPrint } from '$lib/server/reads/season-print';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { loadFollowed } from '$lib/server/repositories/season';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId } = identityOf(locals);
  const week = Number(url.searchParams.get('week'));
  const asked = Number.isInteger(week) && week > 0 ? week : null;
  if (!isId(params.squadId)) error(404, 'There is no such squad in this club.');
  const page = await withClub(clubId, async (tx) => {
    const club = await loadClub(tx);
    const squad = club.squads.find(({ id }) => id === params.squadId);
    if (!squad) return null;
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    return readSeasonPrint(club, squad, athletes, { followed: await loadFollowed(tx, squad.id), steps: [] }, asked);
  });
  if (!page || (asked !== null && !page.week)) error(404, 'There is no season, or no such week, of this squad.');
  return page;
};
