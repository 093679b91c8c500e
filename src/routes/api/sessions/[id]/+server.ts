import { keepCard } from '$lib/server/commands/keep-card';
import { bodyRoute } from '$lib/server/door/json-route';
import { sessionOf } from '$lib/server/door/session-param';
import { keepCardSchema } from '$lib/model/bodies';
import { sayIssue } from '$lib/messages';

export const PUT = bodyRoute({
  verb: 'keep-card',
  reads: keepCardSchema,
  id: ({ id }) => id,
  work: (tx, { value, actor, params }) => keepCard(tx, actor, sessionOf(params), value),
  tells: (kept) => {
    const said = Object.values({ ...kept.lines, ...kept.typed }).flatMap((one) =>
      one.state === 'refused' ? one.issues.map(sayIssue) : [],
    );
    return { ...kept, messages: [...new Set(said)] };
  },
});
