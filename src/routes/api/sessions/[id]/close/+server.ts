import { closeSession } from '$lib/server/commands/close-session';
import { bodyRoute } from '$lib/server/door/json-route';
import { sessionOf } from '$lib/server/door/session-param';
import { closeSessionSchema } from '$lib/model/bodies';

/** The session is over: who was there, how long and how hard. */
export const POST = bodyRoute({
  verb: 'close-session',
  reads: closeSessionSchema,
  id: ({ id }) => id,
  work: (tx, { value, actor, params }) => closeSession(tx, actor, sessionOf(params), value),
});
