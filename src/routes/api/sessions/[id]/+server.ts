import { error, json } from '@sveltejs/kit';
import { keepCard } from '$lib/server/commands/keep-card';
import { runOne } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { answer, isId, readBody } from '$lib/server/http';
import { keepCardSchema } from '$lib/model/bodies';
import { sayIssue } from '$lib/messages';
import type { RequestHandler } from './$types';

export const PUT: RequestHandler = async ({ locals, params, request }) => {
  const { clubId, userId } = identityOf(locals);
  if (!isId(params.id)) error(404, 'There is no such session.');
  const body = await readBody(request, keepCardSchema);
  if (!body.ok) return body.response;
  const head = { clubId, id: body.value.id, verb: 'keep-card', actor: userId };
  const done = await runOne(head, { sessionId: params.id, ...body.value }, (tx) =>
    keepCard(tx, userId, params.id, body.value),
  );
  if (!done.ok) return answer(done);
  const said = Object.values({ ...done.value.lines, ...done.value.typed }).flatMap((one) =>
    one.state === 'refused' ? one.issues.map(sayIssue) : [],
  );
  return json({ ...done.value, messages: [...new Set(said)] });
};
