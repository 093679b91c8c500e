import { fail } from '@sveltejs/kit';
import { eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { hasKit } from '$core/choose';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { facility } from '$lib/server/db/schema';
import { readForm } from '$lib/server/forms';
import { loadClub } from '$lib/server/repositories/club-context';
import { recordChanges } from '$lib/server/services/record-change';
import { facilitySchema } from '$lib/model/forms';
import { DEFAULT_KIT, EQUIPMENT, placeOf } from '$lib/model/kit';
import { clubPage } from '$lib/server/services/page-thread';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const exercises = [...club.library.exercises.values()];
  return {
    ...clubPage(club, '/settings/places'),
    equipment: EQUIPMENT,
    all: exercises.length,
    blank: DEFAULT_KIT,
    places: club.facilities.map(({ id, name, kit: stored }) => {
      const kit = { ...DEFAULT_KIT, ...stored };
      const place = placeOf(kit);
      return {
        id,
        name,
        kit,
        squads: club.squads.filter(({ facilityId }) => facilityId === id).map((squad) => squad.name),
        fits: exercises.filter((exercise) => hasKit(exercise, place)).length,
      };
    }),
  };
};

export const actions: Actions = {
  /** Makes a place when the form carries no id, else changes it; every squad that trains there follows. */
  keep: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const data = await request.clone().formData();
    const sent = data.get('id');
    const form = await readForm(request, `keep:${typeof sent === 'string' ? sent : ''}`, facilitySchema, ['equipment']);
    if (!form.ok) return form.failure;
    const { name, ...kit } = form.value;
    return withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const known = club.facilities.find(({ id }) => id === sent);
      const id = known?.id ?? v7();
      if (known)
        await tx
          .update(facility)
          .set({ name, kit, version: known.version + 1 })
          .where(eq(facility.id, id));
      else await tx.insert(facility).values({ clubId, id, name, kit });
      await recordChanges(tx, clubId, [
        {
          day: club.today,
          actor: userId,
          subject: 'place-kit',
          from: known ? { name: known.name, kit: known.kit } : null,
          to: { name, kit },
        },
      ]);
      return { form: `keep:${known ? id : ''}`, errors: {}, typed: {}, kept: true };
    });
  },
  remove: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const id = z.uuid().parse((await request.formData()).get('id'));
    return withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const known = club.facilities.find((one) => one.id === id);
      const users = club.squads.filter(({ facilityId }) => facilityId === id);
      if (users.length > 0)
        return fail(400, {
          form: `keep:${id}`,
          errors: {
            name: [`${users.map((squad) => squad.name).join(', ')} trains here. Give it another place first.`],
          },
          typed: {},
        });
      await tx.delete(facility).where(eq(facility.id, id));
      await recordChanges(tx, clubId, [
        { day: club.today, actor: userId, subject: 'place-kit', from: known ?? null, to: null },
      ]);
      return { form: 'remove', errors: {}, typed: {} };
    });
  },
};
