import { error, json } from '@sveltejs/kit';
import { closeSession } from '$lib/server/commands/close-session';
import { runOne } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { answer, isId, readBody } from '$lib/server/http';
import { closeSessionSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

/** The session is over: who was there, how long and how hard. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const { clubId, userId } = identityOf(locals);
  if (!isId(params.id)) error(404, 'There is no such session.');
  const body = await readBody(request, closeSessionSchema);
  if (!body.ok) return body.response;
  const head = { clubId, id: body.value.id, verb: 'close-session', actor: userId };
  const done = await runOne(head, { sessionId: params.id, ...body.value }, (tx) =>
    closeSession(tx, userId, params.id, body.value),
  );
  return done.ok ? json(done.value) : answer(done);
};
