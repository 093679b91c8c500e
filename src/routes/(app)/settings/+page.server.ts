import { DEFAULT_SCHOOLS, SCHOOL_IDS, SCHOOLS } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { SCHOOL_WORDS } from '$lib/messages';
import { clubPage } from '$lib/server/reads/page-thread';
import { schoolForms } from '$lib/server/forms/settings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const shown = club.squads.find(({ id }) => id === url.searchParams.get('squad')) ?? null;
  return {
    ...clubPage(club, '/settings'),
    squads: club.squads.map(({ id, name, ownSchools }) => ({ id, name, own: Object.keys(ownSchools).length })),
    squadId: shown?.id ?? null,
    dayOrder: club.dayOrder,
    schools: SCHOOL_IDS.map((id) => ({
      id,
      ...SCHOOL_WORDS[id],
      options: SCHOOLS[id],
      standard: DEFAULT_SCHOOLS[id],
      club: club.schools[id],
      own: shown?.ownSchools[id] ?? null,
    })),
  };
};

export const actions = schoolForms;
