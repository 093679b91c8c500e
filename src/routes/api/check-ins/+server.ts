import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { answerMorning } from '$lib/server/commands/answer-morning';
import { runOne } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { answer, readBody } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { checkInSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

const schema = z.object({ athleteId: z.uuid(), checkIn: checkInSchema });

/** A coach answers for an athlete at the door (PROG-1). */
export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, schema);
  if (!body.ok) return body.response;
  const { athleteId, checkIn } = body.value;
  const head = { clubId, id: checkIn.id, verb: 'answer', actor: userId };
  const done = await runOne(head, { athleteId, ...checkIn }, async (tx) => {
    const club = await loadClub(tx);
    return answerMorning(tx, club, athleteId, checkIn, club.today, userId);
  });
  return done.ok ? json({ kept: true }) : answer(done);
};
