import { json } from '@sveltejs/kit';
import { logSets } from '$lib/server/commands/log-sets';
import { derivedId } from '$lib/server/commands/facts';
import { refused, runCommand, type ItemAnswer } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { answer, readBody } from '$lib/server/http';
import { loadClub } from '$lib/server/repositories/club-context';
import { setLogSchema, setLogsSchema } from '$lib/model/bodies';
import { sayIssue } from '$lib/messages';
import type { RequestHandler } from './$types';

/** Sets from the floor: an answer for each, so that one bad one keeps no other from being kept. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const { clubId, userId } = identityOf(locals);
  const body = await readBody(request, setLogsSchema);
  if (!body.ok) return body.response;
  const read = body.value.sets.map((set) => setLogSchema.safeParse(set));
  const good = read.flatMap((one) => (one.success ? [one.data] : []));
  let kept: readonly ItemAnswer[] = [];
  if (good.length > 0) {
    const id = derivedId(clubId, 'sets', ...good.map((set) => set.id));
    const done = await runCommand({ clubId, id, verb: 'log-sets', actor: userId }, good, async (tx) => {
      const answers = await logSets(tx, await loadClub(tx), userId, good, new Date());
      return { answer: answers, keep: answers.some(({ state }) => state === 'kept') };
    });
    if (!done.ok) return answer(done);
    kept = done.value;
  }
  let next = 0;
  const answers = read.map((one) =>
    one.success
      ? (kept[next++] ?? refused({ code: 'set_unreadable', path: [] }))
      : refused({ code: 'set_unreadable', path: [] }),
  );
  return json({ answers: answers.map(withWords) });
};

const withWords = (one: ItemAnswer) => (one.state === 'refused' ? { ...one, messages: one.issues.map(sayIssue) } : one);
