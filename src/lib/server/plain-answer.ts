import { json } from '@sveltejs/kit';
import errorPage from '../../error.html?raw';
import { RETRY_AFTER_S } from './away';

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
