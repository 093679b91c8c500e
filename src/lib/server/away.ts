import { error, json } from '@sveltejs/kit';
import errorPage from '../../error.html?raw';
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

/** Whether a script asks and wants to read the answer, not a page to show. */
export const wantsJson = (request: Request): boolean =>
  request.headers.get('x-sveltekit-action') === 'true' || !(request.headers.get('accept') ?? '').includes('text/html');

/** An answer before any page is reached: as a page, as a form's result or as JSON, whichever was asked for. */
export function plainAnswer(request: Request, status: number, message: string): Response {
  const headers = { 'cache-control': 'no-store', ...(status === 503 ? { 'retry-after': String(RETRY_AFTER_S) } : {}) };
  if (wantsJson(request))
    return json({ type: 'error', status, message, messages: [message], error: { message } }, { status, headers });
  const page = errorPage.replace('%sveltekit.error.message%', message).replaceAll('%sveltekit.status%', String(status));
  return new Response(page, { status, headers: { ...headers, 'content-type': 'text/html; charset=utf-8' } });
}
