import { error } from '@sveltejs/kit';
import { isAway, reasonAway } from './db/pool';

export const AWAY_MESSAGE =
  'The records cannot be reached just now. Nothing you typed is lost: leave this page open and try again in a moment.';
/** What a client may wait before it asks again, s. */
export const RETRY_AFTER_S = 3;

/** Turns a failure of the database into the answer 503; every other failure goes on as it is. */
export function orAway(failure: unknown): never {
  if (isAway(failure)) {
    // the asker is told to try again; why is for whoever runs the place
    console.error(`database not to be had: ${reasonAway(failure)}`);
    error(503, AWAY_MESSAGE);
  }
  throw failure;
}
