import { z } from 'zod';
import { answerMorning } from '$lib/server/commands/answer-morning';
import { bodyRoute } from '$lib/server/door/json-route';
import { loadClub } from '$lib/server/repositories/club-context';
import { checkInSchema } from '$lib/model/bodies';

/** A coach answers for an athlete at the door (PROG-1). */
export const POST = bodyRoute({
  verb: 'answer',
  reads: z.object({ athleteId: z.uuid(), checkIn: checkInSchema }),
  id: ({ checkIn }) => checkIn.id,
  work: async (tx, { value: { athleteId, checkIn }, actor }) => {
    const club = await loadClub(tx);
    return answerMorning(tx, club, athleteId, checkIn, club.today, actor);
  },
  tells: () => ({ kept: true }),
});
