import { error } from '@sveltejs/kit';
import { isAway } from './db/pool';

export const AWAY_MESSAGE =
  'The records cannot be reached just now. Nothing you typed is lost: leave this page open and try again in a moment.';
/** What a client may wait before it asks again, s. */
export const RETRY_AFTER_S = 3;

/** Turns a failure of the database into the answer 503; every other failure goes on as it is. */
export function orAway(failure: unknown): never {
  if (isAway(failure)) error(503, AWAY_MESSAGE);
  throw failure;
}
