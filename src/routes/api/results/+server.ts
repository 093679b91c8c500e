import { error, json } from '@sveltejs/kit';
import { z } from 'zod';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { itemsRoute } from '$lib/server/door/json-route';
import { derivedId } from '$lib/server/commands/facts';
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

export const POST = itemsRoute({
  verb: 'results',
  reads: cellsSchema,
  // each cell names the version it was made from, so the same cells are the same write
  id: ({ cells }, { locals }) => derivedId(identityOf(locals).clubId, 'results', JSON.stringify(cells)),
  items: async (tx, { value, actor }) => {
    const answers = await keepResults(tx, await loadClub(tx), actor, value.cells);
    return { answer: answers, keep: answers.some(({ state }) => state === 'kept') };
  },
  tells: (answers) => ({ answers }),
});
