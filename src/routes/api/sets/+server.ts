import { json } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { answer, readBody } from '$lib/server/http';
import { logSets } from '$lib/server/services/log-sets';
import { setLogsSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId } = identityOf(locals);
  const body = await readBody(request, setLogsSchema);
  if (!body.ok) return body.response;
  const result = await withClub(clubId, (tx) => logSets(tx, clubId, body.value.sets));
  return result.ok ? json({ kept: result.value }) : answer(result);
};
