import { error } from '@sveltejs/kit';
import { loadAthlete } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { withLink } from '$lib/server/services/athlete-link';
import { ownCard } from '$lib/server/services/own-card';
import { sayDay } from '$lib/server/services/page-thread';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const found = await withLink(params.token, async (tx, { athleteId }) => {
    const club = await loadClub(tx);
    const athlete = await loadAthlete(tx, athleteId, club.today);
    if (!athlete) return null;
    return {
      name: athlete.name,
      card: await ownCard(
        tx,
        athleteId,
        athlete.squads.map(({ squadId }) => squadId),
        club.today,
        club.massUnit,
        club.library,
      ),
    };
  });
  if (!found) error(404, 'This link does not open anything. Ask your coach for a new one.');
  return { name: found.name, day: found.card ? sayDay(found.card.day) : null, lines: found.card?.lines ?? [] };
};
