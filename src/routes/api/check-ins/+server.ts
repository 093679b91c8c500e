import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { answer, readBody } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { keepCheckIn } from '$lib/server/services/check-in';
import { checkInSchema } from '$lib/model/bodies';
import type { RequestHandler } from './$types';

const schema = z.object({ athleteId: z.uuid(), checkIn: checkInSchema });

/** A coach answers for an athlete at the door (PROG-1). */
export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, schema);
  if (!body.ok) return body.response;
  const result = await withClub(clubId, async (tx) => {
    const club = await loadClub(tx);
    return keepCheckIn(tx, club, body.value.athleteId, body.value.checkIn, club.today, userId);
  });
  return result.ok ? json({ proposed: result.value.length }) : answer(result);
};
