import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { calendarOf } from '$lib/server/feeds/season-calendar';
import { isId } from '$lib/server/http';
import type { RequestHandler } from './$types';

/** The season as an iCalendar file: sessions and events, with names that stay the same when it is read again. */
export const GET: RequestHandler = async ({ locals, params: { squadId } }) => {
  const text = isId(squadId) ? await withClub(identityOf(locals).clubId, (tx) => calendarOf(tx, squadId)) : null;
  if (text === null) error(404, 'There is no such squad in this club.');
  return new Response(text, {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="season.ics"',
    },
  });
};
