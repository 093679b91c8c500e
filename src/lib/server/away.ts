import { error } from '@sveltejs/kit';
import { reasonAway } from './db/pool';

export const AWAY_MESSAGE =
  'The records cannot be reached just now. Nothing you typed is lost: leave this page open and try again in a moment.';
/** What a client may wait before it asks again, s. */
export const RETRY_AFTER_S = 3;

/** Whether a failure says that the database could not be had just now; the log is told why, for whoever runs the place. */
export function isAwayTold(failure: unknown): boolean {
  const reason = reasonAway(failure);
  if (reason !== null) console.error(`database not to be had: ${reason}`);
  return reason !== null;
}

/** Turns a failure of the database into the answer 503; every other failure goes on as it is. */
export function orAway(failure: unknown): never {
  if (isAwayTold(failure)) error(503, AWAY_MESSAGE);
  throw failure;
}
