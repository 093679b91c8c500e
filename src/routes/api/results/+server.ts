import { error, json } from '@sveltejs/kit';
import { z } from 'zod';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { readBody } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { cellView, changedResults } from '$lib/server/repositories/results';
import { keepResults } from '$lib/server/commands/keep-results';
import { daySchema } from '$lib/model/bodies';
import { cellsSchema } from '$lib/model/results';
import type { RequestHandler } from './$types';

const askSchema = z.object({ squad: z.uuid(), day: daySchema, since: z.iso.datetime() });

/** What other stations wrote since. */
export const GET: RequestHandler = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const asked = askSchema.safeParse(Object.fromEntries(url.searchParams));
  if (!asked.success) error(400, 'Say squad, day and since when.');
  const { squad, day, since } = asked.data;
  return withClub(clubId, async (tx) => {
    const club = await loadClub(tx);
    const rows = await changedResults(tx, squad, day, new Date(since));
    return json({ cells: rows.map((row) => cellView(row, club)), at: new Date().toISOString() });
  });
};

export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId, role } = identityOf(locals);
  if (!can(role, 'log')) error(403, 'Your role reads results; it does not write them.');
  const body = await readBody(request, cellsSchema);
  if (!body.ok) return body.response;
  const answers = await withClub(clubId, async (tx) => keepResults(tx, await loadClub(tx), userId, body.value.cells));
  return json({ answers });
};
