import { DEFAULT_SCHOOLS, SCHOOL_IDS, SCHOOLS } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { movingPlans } from '$lib/server/commands/season-step';
import { chooseDayOrder, chooseSchool } from '$lib/server/commands/settings';
import { runOne } from '$lib/server/commands/run-command';
import { readForm, troubleOf } from '$lib/server/forms';
import { loadClub } from '$lib/server/repositories/club-context';
import { SCHOOL_WORDS } from '$lib/messages';
import { dayOrderSchema, schoolSchema } from '$lib/model/forms';
import { clubPage } from '$lib/server/reads/page-thread';
import type { Actions, PageServerLoad } from './$types';

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

export const actions: Actions = {
  /** Takes effect at once: every card, shares and cues are read by the schools as they stand. */
  choose: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'choose', schoolSchema);
    if (!form.ok) return form.failure;
    const { commandId: id, value } = form;
    const done = await runOne({ clubId, id, verb: 'school', actor: userId }, value, async (tx) => {
      const club = await loadClub(tx);
      return movingPlans(tx, { club, squadId: value.squadId ?? null, actor: userId, verb: 'school' }, () =>
        chooseSchool(tx, club, value, userId),
      );
    });
    return done.ok
      ? { form: 'choose', errors: {}, typed: {}, kept: done.value }
      : troubleOf('choose', done.issues, form.typed, 'option');
  },
  days: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'days', dayOrderSchema);
    if (!form.ok) return form.failure;
    const { commandId: id, value } = form;
    const done = await runOne({ clubId, id, verb: 'day-order', actor: userId }, value, async (tx) =>
      chooseDayOrder(tx, await loadClub(tx), value.order, userId),
    );
    return done.ok
      ? { form: 'days', errors: {}, typed: {}, kept: 'days' }
      : troubleOf('days', done.issues, form.typed, 'order');
  },
};
