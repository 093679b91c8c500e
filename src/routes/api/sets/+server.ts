import { logSets } from '$lib/server/commands/log-sets';
import { derivedId } from '$lib/server/commands/facts';
import { refused, type ItemAnswer } from '$lib/server/commands/run-command';
import { identityOf } from '$lib/server/auth/identity';
import { itemsRoute } from '$lib/server/door/json-route';
import { loadClub } from '$lib/server/repositories/club-context';
import { setLogSchema, setLogsSchema, type SetLogBody } from '$lib/model/bodies';
import { sayIssue } from '$lib/messages';

/** Each set by itself: null = it did not arrive whole. */
const setsSchema = setLogsSchema.transform(({ sets }) =>
  sets.map((set): SetLogBody | null => setLogSchema.safeParse(set).data ?? null),
);
const goodOf = (sets: readonly (SetLogBody | null)[]) => sets.filter((set) => set !== null);

/** Sets from the floor: an answer for each, so that one bad one keeps no other from being kept. */
export const POST = itemsRoute({
  verb: 'log-sets',
  reads: setsSchema,
  id: (sets, { locals }) => derivedId(identityOf(locals).clubId, 'sets', ...goodOf(sets).map(({ id }) => id)),
  items: async (tx, { value, actor }) => {
    const good = goodOf(value);
    const kept = good.length === 0 ? [] : await logSets(tx, await loadClub(tx), actor, good, new Date());
    return { answer: kept, keep: kept.some(({ state }) => state === 'kept') };
  },
  tells: (kept, sets) => {
    let next = 0;
    const answers = sets.map((set) => (set && kept[next++]) ?? refused({ code: 'set_unreadable', path: [] }));
    return { answers: answers.map(withWords) };
  },
});

const withWords = (one: ItemAnswer) => (one.state === 'refused' ? { ...one, messages: one.issues.map(sayIssue) } : one);
