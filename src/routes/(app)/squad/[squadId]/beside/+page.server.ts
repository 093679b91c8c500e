import { fail } from '@sveltejs/kit';
import { sayIssue } from '$lib/messages';
import { giveSideSchema } from '$lib/model/forms';
import { identityOf } from '$lib/server/auth/identity';
import { onSquad, openSquad } from '$lib/server/commands/on-squad';
import { giveSide } from '$lib/server/commands/sides';
import { withClub } from '$lib/server/db/client';
import { readForm } from '$lib/server/forms';
import { readBeside } from '$lib/server/reads/beside';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadSides } from '$lib/server/repositories/sides';
import type { Actions, PageServerLoad } from './$types';

/** What a squad and its athletes do beside the sessions, and how much of it is done (SIDE-1). */
export const load: PageServerLoad = ({ locals, params }) =>
  withClub(identityOf(locals).clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    return readBeside(club, squad, athletes, await loadSides(tx, [squad.id], null, club.today));
  });

export const actions: Actions = {
  give: async (event) => {
    const read = await readForm(event.request, 'give', giveSideSchema);
    if (!read.ok) return read.failure;
    const { programme, athleteId, on } = read.value;
    const value = { programme, athleteId, on };
    const done = await onSquad(event, read.commandId, 'give-side', value, (tx, { club, squad, actor }) =>
      giveSide(tx, club, squad, read.commandId, value, actor),
    );
    return done.ok ? { kept: true } : fail(400, { message: done.issues.map(sayIssue).join(' ') });
  },
};
