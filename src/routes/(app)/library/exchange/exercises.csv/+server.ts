import { EXERCISE_COLUMNS, exerciseToRow } from '$core/exchange';
import { identityOf } from '$lib/server/auth/identity';
import { writeCsv } from '$lib/server/csv';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const csv = writeCsv([...club.library.exercises.values()].map(exerciseToRow), EXERCISE_COLUMNS);
  return new Response(`${csv}\n`, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="exercises.csv"',
    },
  });
};
