import { fail } from '@sveltejs/kit';
import { hasKit } from '$core/day';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { runOne } from '$lib/server/commands/run-command';
import { keepPlace, removePlace } from '$lib/server/commands/settings';
import { commandIdOf, readForm, textOf, troubleOf } from '$lib/server/forms';
import { isId } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { facilitySchema } from '$lib/model/forms';
import { DEFAULT_KIT, EQUIPMENT, placeOf } from '$lib/model/kit';
import { clubPage } from '$lib/server/reads/page-thread';
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
    const sent = textOf(await request.clone().formData(), 'id');
    const name = `keep:${sent}`;
    const form = await readForm(request, name, facilitySchema, ['equipment']);
    if (!form.ok) return form.failure;
    const { commandId: id, value } = form;
    await runOne({ clubId, id, verb: 'place', actor: userId }, { sent, value }, async (tx) =>
      keepPlace(tx, await loadClub(tx), isId(sent) ? sent : null, id, value, userId),
    );
    return { form: name, errors: {}, typed: {}, kept: true };
  },
  remove: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const data = await request.formData();
    const placeId = textOf(data, 'id');
    if (!isId(placeId)) return fail(400, { form: 'remove', errors: { name: ['It is gone already.'] }, typed: {} });
    const done = await runOne(
      { clubId, id: commandIdOf(data), verb: 'remove-place', actor: userId },
      placeId,
      async (tx) => removePlace(tx, await loadClub(tx), placeId, userId),
    );
    return done.ok ? { form: 'remove', errors: {}, typed: {} } : troubleOf(`keep:${placeId}`, done.issues, {}, 'name');
  },
};
