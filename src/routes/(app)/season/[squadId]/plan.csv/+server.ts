import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { plannedSquad } from '$lib/server/feeds/season-calendar';
import { seasonTable } from '$lib/server/feeds/season-table';
import { isId } from '$lib/server/http';
import type { RequestHandler } from './$types';

/** The season as a table, one row a day. */
export const GET: RequestHandler = async ({ locals, params: { squadId } }) => {
  const of = isId(squadId) ? await withClub(identityOf(locals).clubId, (tx) => plannedSquad(tx, squadId)) : null;
  if (!of) error(404, 'There is no such squad in this club.');
  return new Response(seasonTable(of.club, of.squad, of.plan), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="season.csv"',
    },
  });
};
