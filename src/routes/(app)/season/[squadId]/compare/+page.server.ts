import { error } from '@sveltejs/kit';
import { SCHOOLS } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { withClub } from '$lib/server/db/client';
import { readSeasonCompare } from '$lib/server/reads/season-compare';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadFollowed } from '$lib/server/repositories/season';
import type { PageServerLoad } from './$types';

const MOST_SESSIONS = 7;

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const asked = url.searchParams.get('loading');
  const sessions = Number(url.searchParams.get('sessions') ?? '');
  const page = await withClub(identityOf(locals).clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    return readSeasonCompare(
      club,
      squad,
      await loadSquadAthletes(tx, squad.id, club.today),
      { followed: await loadFollowed(tx, squad.id) },
      {
        loading: SCHOOLS.loading.find((one) => one === asked) ?? squad.schools.loading,
        sessionsAWeek:
          Number.isInteger(sessions) && sessions >= 1 && sessions <= MOST_SESSIONS
            ? sessions
            : url.searchParams.has('sessions')
              ? null
              : (squad.season?.sessionsAWeek ?? null),
      },
    );
  });
  if (!page) error(404, 'There is no season of this squad to hold another plan beside.');
  return page;
};
