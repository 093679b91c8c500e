import { error } from '@sveltejs/kit';
import { withLink } from '$lib/server/commands/athlete-link';
import { athleteCalendar } from '$lib/server/feeds/season-calendar';
import type { RequestHandler } from './$types';

/** One athlete's sessions and events of all their squads, for a calendar that reads them again by itself. */
export const GET: RequestHandler = async ({ params }) => {
  const text = await withLink(params.token, (tx, { athleteId }) => athleteCalendar(tx, athleteId));
  if (!text) error(404, 'This link does not open anything. Ask your coach for a new one.');
  return new Response(text, {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, no-store' },
  });
};
