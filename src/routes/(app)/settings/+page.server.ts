import { fail } from '@sveltejs/kit';
import { eq } from 'drizzle-orm';
import { DEFAULT_SCHOOLS, SCHOOL_IDS, SCHOOLS, schoolsSchema } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { club as clubTable, squad } from '$lib/server/db/schema';
import { readForm } from '$lib/server/forms';
import { loadClub } from '$lib/server/repositories/club-context';
import { recordChanges } from '$lib/server/services/record-change';
import { SCHOOL_WORDS } from '$lib/messages';
import { schoolSchema } from '$lib/model/forms';
import { clubPage } from '$lib/server/services/page-thread';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const shown = club.squads.find(({ id }) => id === url.searchParams.get('squad')) ?? null;
  return {
    ...clubPage(club, '/settings'),
    squads: club.squads.map(({ id, name, ownSchools }) => ({ id, name, own: Object.keys(ownSchools).length })),
    squadId: shown?.id ?? null,
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

export const actions: Actions = {
  /** Takes effect at once: every card, shares and cues are read by the schools as they stand. */
  choose: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'choose', schoolSchema);
    if (!form.ok) return form.failure;
    const { school, option, squadId } = form.value;
    return withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const shown = squadId ? club.squads.find(({ id }) => id === squadId) : null;
      const asClub = shown && option === '';
      const own = schoolsSchema.partial().safeParse({ [school]: option });
      if (shown === undefined || (!asClub && !own.success))
        return fail(400, { form: 'choose', errors: { option: ['Choose one of the options.'] }, typed: form.value });
      const rest = Object.fromEntries(
        Object.entries(shown ? shown.ownSchools : club.schools).filter(([id]) => id !== school),
      );
      const schools = asClub ? rest : { ...rest, ...own.data };
      if (shown)
        await tx
          .update(squad)
          .set({ schools, version: shown.version + 1 })
          .where(eq(squad.id, shown.id));
      else await tx.update(clubTable).set({ schools, version: club.version + 1 });
      await recordChanges(tx, clubId, [
        {
          day: club.today,
          actor: userId,
          subject: 'school',
          squadId: shown?.id ?? null,
          from: { [school]: (shown ? shown.ownSchools : club.schools)[school] ?? null },
          to: { [school]: asClub ? null : option },
        },
      ]);
      return { form: 'choose', errors: {}, typed: {}, kept: school };
    });
  },
};
