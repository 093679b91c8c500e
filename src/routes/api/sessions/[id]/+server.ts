import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { answer, readBody } from '$lib/server/http';
import { keepCard } from '$lib/server/services/keep-card';
import { keepCardSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

export const PUT: RequestHandler = async ({ locals, params, request }) => {
  const { clubId, userId } = identityOf(locals);
  if (!z.uuid().safeParse(params.id).success) error(404, 'There is no such session.');
  const body = await readBody(request, keepCardSchema);
  if (!body.ok) return body.response;
  return answer(await withClub(clubId, (tx) => keepCard(tx, userId, params.id, body.value)));
};
