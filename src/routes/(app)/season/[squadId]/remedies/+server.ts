import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { weekdayOf } from '$core/calendar';
import type { Remedy } from '$core/season';
import { weekdayWord } from '$lib/messages';
import { daySchema } from '$lib/model/bodies';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { remediesOf } from '$lib/server/commands/take-remedy';
import { withClub } from '$lib/server/db/client';
import type { RequestHandler } from './$types';

const asked = z.object({ week: daySchema, code: z.string().min(1).max(60) });

/** What one tap would do about a note of a week: tried out on the plan, so it is asked for when the note is on screen. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const note = asked.safeParse(Object.fromEntries(url.searchParams));
  const found = await withClub(identityOf(locals).clubId, async (tx) => {
    const of = await openSquad(tx, params.squadId);
    return note.success ? remediesOf(tx, of, note.data) : [];
  });
  return json(found.map(words));
};

function words(remedy: Remedy): string {
  if (remedy.kind === 'primer') return 'A primer on the day before events';
  if (remedy.kind === 'gym-day') return `${weekdayWord(remedy.weekday)} ${remedy.start} as a gym day too, from now on`;
  if (remedy.from === remedy.to) return `${weekdayWord(weekdayOf(remedy.from))}’s session at ${String(remedy.start)}`;
  const hour = remedy.start === null ? '' : `, at ${remedy.start}`;
  return `${weekdayWord(weekdayOf(remedy.from))}’s session on ${weekdayWord(weekdayOf(remedy.to))}${hour}`;
}
