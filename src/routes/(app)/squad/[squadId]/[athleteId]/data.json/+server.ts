import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { recordChanges } from '$lib/server/commands/record-change';
import { withClub } from '$lib/server/db/client';
import { openAthlete } from '$lib/server/reads/open-athlete';
import { ownData } from '$lib/server/reads/own-data';
import { noteHealthView } from '$lib/server/repositories/history';
import type { RequestHandler } from './$types';

/** Everything about one athlete as one file, to hand to them; that it was taken stands in the history (SAFE-7). */
export const GET: RequestHandler = async ({ locals, params }) => {
  const { clubId, userId, role } = identityOf(locals);
  if (!can(role, 'health')) error(403, 'This file holds health notes; your role does not read them.');
  const data = await withClub(clubId, async (tx) => {
    const { club, row } = await openAthlete(tx, params);
    const found = await ownData(tx, club, row);
    await noteHealthView(tx, clubId, userId, row.id);
    await recordChanges(tx, clubId, [
      {
        day: club.today,
        actor: userId,
        subject: 'data-taken',
        athleteId: row.id,
        from: null,
        to: null,
        rules: ['SAFE-7'],
      },
    ]);
    return found;
  });
  return new Response(JSON.stringify(data, null, 2), {
    headers: { 'content-type': 'application/json', 'content-disposition': 'attachment; filename="athlete.json"' },
  });
};
