import { error } from '@sveltejs/kit';
import { momentsOf } from '$core/athlete';
import { momentOn } from '$core/startline';
import type { Tx } from '$lib/server/db/client';
import { homeOf, loadAthlete } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { withLink } from '$lib/server/commands/athlete-link';
import { sayDay } from '$lib/server/reads/page-thread';
import { momentForms } from '$lib/server/forms/own-link';
import type { PageServerLoad } from './$types';

const NO_LINK = 'This link does not open anything. Ask your coach for a new one.';

async function open(tx: Tx, athleteId: string) {
  const club = await loadClub(tx);
  const row = await loadAthlete(tx, athleteId, club.today);
  return row ? { club, row, squad: homeOf(row, club) } : null;
}

/** Where the athlete loses it in play: named here, weighed by the coach's next cards (START-12). */
export const load: PageServerLoad = async ({ params }) => {
  const found = await withLink(params.token, (tx, { athleteId }) => open(tx, athleteId));
  if (!found) error(404, NO_LINK);
  const { club, row, squad } = found;
  const moments = momentsOf(squad ? club.library.sports.get(squad.sportId) : undefined, club.method);
  return {
    firstName: row.name.split(' ')[0] ?? row.name,
    day: sayDay(club.today),
    moments: moments.map(({ id, name }) => ({ id, name })),
    chosen: momentOn(row.weakMoment, moments, club.today, club.method.start.momentDays)?.id ?? '',
  };
};

export const actions = momentForms;
