import { dropKeptCard, keepKeptCard } from '$lib/server/commands/keep-kept-card';
import { bodyRoute } from '$lib/server/door/json-route';
import { dropKeptCardSchema, keptCardSchema } from '$lib/model/bodies';

/** Keeps the lines of a card under a name, to start others from. */
export const PUT = bodyRoute({
  verb: 'keep-kept-card',
  reads: keptCardSchema,
  id: ({ id }) => id,
  work: (tx, { value, actor }) => keepKeptCard(tx, actor, value),
});

export const DELETE = bodyRoute({
  verb: 'drop-kept-card',
  reads: dropKeptCardSchema,
  id: ({ id }) => id,
  work: (tx, { value, actor }) => dropKeptCard(tx, actor, value.name),
});
