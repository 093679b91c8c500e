import { dropKeptCard, keepKeptCard } from '$lib/server/commands/keep-kept-card';
import { runOne } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { answer, readBody } from '$lib/server/http';
import { dropKeptCardSchema, keptCardSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

/** Keeps the lines of a card under a name, to start others from. */
export const PUT: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, keptCardSchema);
  if (!body.ok) return body.response;
  const head = { clubId, id: body.value.id, verb: 'keep-kept-card', actor: userId };
  return answer(await runOne(head, body.value, (tx) => keepKeptCard(tx, userId, body.value)));
};

export const DELETE: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, dropKeptCardSchema);
  if (!body.ok) return body.response;
  const head = { clubId, id: body.value.id, verb: 'drop-kept-card', actor: userId };
  return answer(await runOne(head, body.value, (tx) => dropKeptCard(tx, userId, body.value.name)));
};
