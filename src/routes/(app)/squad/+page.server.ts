import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { runOne } from '$lib/server/commands/run-command';
import { foundSquad } from '$lib/server/commands/found-squad';
import { withClub } from '$lib/server/db/client';
import { readForm, troubleOf } from '$lib/server/forms';
import { loadClub } from '$lib/server/repositories/club-context';
import { squadSchema } from '$lib/model/forms';
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
    places: club.facilities.map(({ id, name }) => ({ id, name })),
    squads: club.squads.map(({ id, name }) => ({ id, name })),
  };
};

export const actions: Actions = {
  make: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'make', squadSchema, ['weekdays']);
    if (!form.ok) return form.failure;
    const { commandId: id, value } = form;
    const made = await runOne({ clubId, id, verb: 'make-squad', actor: userId }, value, (tx) =>
      foundSquad(tx, id, value, userId),
    );
    if (!made.ok) return troubleOf('make', made.issues, form.typed, 'names');
    const { unread } = made.value;
    redirect(
      303,
      `/squad/${made.value.id}${unread.length > 0 ? `?unread=${encodeURIComponent(unread.join(', '))}` : ''}`,
    );
  },
};
