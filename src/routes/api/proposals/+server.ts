import { json } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { answer, readBody } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { decide } from '$lib/server/services/decide';
import { decideSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, decideSchema);
  if (!body.ok) return body.response;
  const result = await withClub(clubId, async (tx) => {
    const club = await loadClub(tx);
    return decide(tx, clubId, body.value.ids, body.value.decision, userId, club.today);
  });
  return result.ok ? json({ settled: result.value }) : answer(result);
};
