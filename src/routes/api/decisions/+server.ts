import { decide } from '$lib/server/commands/decide';
import { itemsRoute } from '$lib/server/door/json-route';
import { loadClub } from '$lib/server/repositories/club-context';
import { decideSchema } from '$lib/model/bodies';

export const POST = itemsRoute({
  verb: 'decide',
  reads: decideSchema,
  id: ({ id }) => id,
  items: async (tx, { value, actor }) => {
    const answers = await decide(tx, await loadClub(tx), value, actor);
    return { answer: answers, keep: answers.some(({ state }) => state === 'kept') };
  },
  tells: (answers) => ({ answers }),
});
