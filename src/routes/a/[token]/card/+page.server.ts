import { error } from '@sveltejs/kit';
import { withLink } from '$lib/server/commands/athlete-link';
import { loadAthlete } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { ownCard } from '$lib/server/reads/own-card';
import { sayDay } from '$lib/server/reads/page-thread';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const found = await withLink(params.token, async (tx, { athleteId }) => {
    const { today } = await loadClub(tx);
    const athlete = await loadAthlete(tx, athleteId, today);
    if (!athlete) return null;
    const squads = athlete.squads.map(({ squadId }) => squadId);
    return { name: athlete.name, card: await ownCard(tx, athleteId, squads, today) };
  });
  if (!found) error(404, 'This link does not open anything. Ask your coach for a new one.');
  return { name: found.name, day: found.card ? sayDay(found.card.day) : null, lines: found.card?.lines ?? [] };
};
