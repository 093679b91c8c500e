import { redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { facility, squad } from '$lib/server/db/schema';
import { readForm } from '$lib/server/forms';
import { loadClub } from '$lib/server/repositories/club-context';
import { recordChanges } from '$lib/server/services/record-change';
import { squadSchema } from '$lib/model/forms';
import { DEFAULT_KIT } from '$lib/model/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const [first] = club.squads;
  if (first && !url.searchParams.has('new')) redirect(307, `/squad/${first.id}`);
  return {
    clubName: club.name,
    massUnit: club.massUnit,
    sports: [...club.library.sports.values()]
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    squads: club.squads.map(({ id, name }) => ({ id, name })),
  };
};

export const actions: Actions = {
  make: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'make', squadSchema);
    if (!form.ok) return form.failure;
    const id = v7();
    await withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const [home] = club.facilities;
      const facilityId = home?.id ?? v7();
      if (!home) await tx.insert(facility).values({ clubId, id: facilityId, name: 'Gym', kit: DEFAULT_KIT });
      await tx.insert(squad).values({
        clubId,
        id,
        facilityId,
        ...form.value,
        phase: 'general',
        gymDays: [
          { weekday: 2, start: '18:00', minutes: 60 },
          { weekday: 4, start: '18:00', minutes: 60 },
        ],
      });
      await recordChanges(tx, clubId, [
        { day: club.today, actor: userId, subject: 'squad-made', squadId: id, from: null, to: form.value },
      ]);
    });
    redirect(303, `/squad/${id}`);
  },
};
