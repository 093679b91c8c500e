import { json } from '@sveltejs/kit';
import { decide } from '$lib/server/commands/decide';
import { runCommand } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { answer, readBody } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { decideSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, decideSchema);
  if (!body.ok) return body.response;
  const head = { clubId, id: body.value.id, verb: 'decide', actor: userId };
  const done = await runCommand(head, body.value, async (tx) => {
    const answers = await decide(tx, await loadClub(tx), body.value, userId);
    return { answer: answers, keep: answers.some(({ state }) => state === 'kept') };
  });
  return done.ok ? json({ answers: done.value }) : answer(done);
};
