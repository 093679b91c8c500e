import { error } from '@sveltejs/kit';
import { withCalendarLink } from '$lib/server/commands/calendar-link';
import { calendarOf } from '$lib/server/feeds/season-calendar';
import type { RequestHandler } from './$types';

/** A squad's season for calendars that read it again by themselves, for whoever holds its secret address. */
export const GET: RequestHandler = async ({ params }) => {
  const text = await withCalendarLink(params.token, calendarOf);
  if (text === null) error(404, 'This address does not open anything. Ask the coach for a new one.');
  return new Response(text, {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, no-store' },
  });
};
