import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { seasonCalendar } from '$lib/server/feeds/season-calendar';
import { seasonPlan } from '$lib/server/reads/squad-plan';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadFollowed } from '$lib/server/repositories/season';
import { loadClub } from '$lib/server/repositories/club-context';
import type { RequestHandler } from './$types';

/** The season as an iCalendar file: sessions and events, with names that stay the same when it is read again. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const text = await withClub(identityOf(locals).clubId, async (tx) => {
    const club = await loadClub(tx);
    const squad = club.squads.find(({ id }) => id === params.squadId);
    if (!squad) error(404, 'There is no such squad in this club.');
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    const plan = seasonPlan(club, squad, athletes, await loadFollowed(tx, squad.id));
    return seasonCalendar(club, squad, plan);
  });
  return new Response(text, {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="season.ics"',
    },
  });
};
