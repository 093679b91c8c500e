import { error, fail as refuse, redirect } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad, onSquad } from '$lib/server/commands/on-squad';
import { keepAppearances, type Played } from '$lib/server/commands/own-days';
import { withClub } from '$lib/server/db/client';
import { commandIdOf, textOf, troubleOf } from '$lib/server/forms';
import { readPlayed } from '$lib/server/reads/played';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { playedSchema } from '$lib/model/forms';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  const page = await withClub(clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const event = squad.events.find(({ id }) => id === params.eventId);
    return event && readPlayed(club, squad, event, await loadSquadAthletes(tx, squad.id, club.today));
  });
  if (!page) error(404, 'There is no such event in this squad.');
  return { ...page, plans: can(role, 'plan') };
};

export const actions: Actions = {
  played: async (event) => {
    const data = await event.request.formData();
    const typed: Record<string, string> = {};
    const errors: Record<string, string[]> = {};
    const played = data.getAll('athlete').flatMap((sent): Played[] => {
      const athleteId = typeof sent === 'string' ? sent : '';
      const [minutes, rpe] = [textOf(data, `minutes ${athleteId}`), textOf(data, `rpe ${athleteId}`)];
      const selected = data.has(`selected ${athleteId}`);
      Object.assign(typed, { [`minutes ${athleteId}`]: minutes, [`rpe ${athleteId}`]: rpe });
      typed[`selected ${athleteId}`] = selected ? 'on' : '';
      const read = playedSchema.safeParse({ athleteId, selected, minutes, rpe });
      if (!read.success) {
        for (const { path, message } of read.error.issues)
          errors[`${String(path[0])} ${athleteId}`] = [`${message} It reads “${path[0] === 'rpe' ? rpe : minutes}”.`];
        return [];
      }
      // who did not play has no minutes
      return [selected ? read.data : { ...read.data, minutes: null, rpe: null }];
    });
    if (Object.keys(errors).length > 0) return refuse(400, { form: 'played', errors, typed });
    const done = await onSquad(event, commandIdOf(data), 'played', played, async (tx, { club, squad, actor }) =>
      keepAppearances(
        tx,
        club,
        squad,
        event.params.eventId,
        { played, members: await loadSquadAthletes(tx, squad.id, club.today) },
        actor,
      ),
    );
    if (!done.ok) return troubleOf('played', done.issues, typed, 'played');
    redirect(303, `/season/${event.params.squadId}`);
  },
};
