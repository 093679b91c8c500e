import { error, json } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { plannedSquad } from '$lib/server/feeds/season-calendar';
import { seasonFile } from '$lib/server/feeds/season-file';
import { isId } from '$lib/server/http';
import type { RequestHandler } from './$types';

/** The season as JSON by its published schema: what it is laid from, and the plan. */
export const GET: RequestHandler = async ({ locals, params: { squadId } }) => {
  const of = isId(squadId) ? await withClub(identityOf(locals).clubId, (tx) => plannedSquad(tx, squadId)) : null;
  const file = of && seasonFile(of.club, of.squad, of.plan);
  if (!file) error(404, 'There is no season of such a squad in this club.');
  return json(file, { headers: { 'content-disposition': 'attachment; filename="season.json"' } });
};
