import { error } from '@sveltejs/kit';
import { loadKeptCards } from '$lib/server/commands/keep-kept-card';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { isId } from '$lib/server/http';
import { readGround } from '$lib/server/reads/bench';
import { loadSquadDay } from '$lib/server/reads/squad-day';
import type { RequestHandler } from './$types';

/** What a card is chosen from: it holds complaints and what each athlete owns, so it goes to who plans. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const { clubId, role } = identityOf(locals);
  if (!can(role, 'plan')) error(403, 'Your role reads cards; it does not plan them.');
  const { squadId, day } = params;
  const athleteId = url.searchParams.get('for');
  if (athleteId !== null && !isId(athleteId)) error(404, 'There is no such session.');
  const { text } = await remembered(clubId, `ground ${squadId} ${day} ${athleteId ?? ''}`, async (tx) => {
    const rows = await loadSquadDay(tx, squadId, day, athleteId);
    if (!rows) error(404, 'There is no such squad in this club.');
    return { text: JSON.stringify(readGround(rows, await loadKeptCards(tx))) };
  });
  return new Response(text, { headers: { 'content-type': 'application/json' } });
};
