import { error, redirect, type Handle, type HandleServerError } from '@sveltejs/kit';
import { building } from '$app/environment';
import { svelteKitHandler } from 'better-auth/svelte-kit';
import { v7 } from 'uuid';
import { can, type Ability } from '$lib/server/auth/access';
import { auth, closeAuth } from '$lib/server/auth/auth';
import { identify } from '$lib/server/auth/identity';
import { origin } from '$lib/server/config';
import { closeDatabase, queryCount } from '$lib/server/db/client';

/** Pages anyone may open; everything else needs a person and an ability. */
const OPEN = ['/theme', '/sign-in', '/sign-up', '/healthz', '/a/[token]', '/a/[token]/card', '/a/[token]/moment'];

/** Sign-in's own doors that the browser may use; the rest of its interface stays shut. */
const AUTH_OPEN = ['/api/auth/sign-in/email', '/api/auth/sign-out', '/api/auth/get-session'];

/** Writes of the hall: who logs may make them. */
const LOGGED = [
  '/api/sets',
  '/api/check-ins',
  '/api/results',
  '/api/sessions/[id]/close',
  '/(app)/start/[squadId]/[day]/import',
];

/** What a write needs by where it goes; reading needs `see`. */
function abilityFor(routeId: string, method: string): Ability {
  if (method === 'GET' || method === 'HEAD') return 'see';
  return LOGGED.includes(routeId) ? 'log' : 'plan';
}

export const handle: Handle = async ({ event, resolve }) => {
  if (building) return resolve(event);
  const routeId: string | null = event.route.id;
  // one address for one application: cookies and form posts are bound to it
  const host = event.request.headers.get('host');
  if (host !== null && host !== new URL(origin()).host && event.request.method === 'GET' && routeId !== '/healthz')
    redirect(307, new URL(event.url.pathname + event.url.search, origin()).toString());

  if (event.url.pathname.startsWith('/api/auth/') && !AUTH_OPEN.includes(event.url.pathname))
    error(404, 'This page is not there.');
  event.locals.identity = null;
  if (routeId !== null && !OPEN.includes(routeId)) {
    event.locals.identity = await identify(event.request.headers);
    if (!event.locals.identity) {
      if (routeId.startsWith('/api/')) error(401, 'Sign in first.');
      redirect(303, `/sign-in?to=${encodeURIComponent(event.url.pathname + event.url.search)}`);
    }
    if (routeId !== '/sign-out' && !can(event.locals.identity.role, abilityFor(routeId, event.request.method)))
      error(403, 'Your role in this club does not open this page. Athletes use their own link.');
  }
  const theme = event.cookies.get('theme') === 'noche' ? 'noche' : 'cal';
  const counted = { count: 0 };
  return queryCount.run(counted, async () => {
    const response = await svelteKitHandler({
      event,
      resolve: (e) => resolve(e, { transformPageChunk: ({ html }) => html.replace('%theme%', theme) }),
      auth: auth(),
      building,
    });
    if (event.locals.identity) response.headers.set('x-statements', String(counted.count));
    return response;
  });
};

/** A bug is logged under an id the user sees; parameter values (health notes) never reach the log. */
export const handleError: HandleServerError = ({ error: thrown, event, status }) => {
  if (status === 404) return { message: 'This page is not there.' };
  const id = v7().slice(-8);
  const cause =
    thrown instanceof Error ? ((thrown.cause as { code?: string } | undefined)?.code ?? thrown.name) : 'unknown';
  console.error(`[${id}] ${event.request.method} ${event.route.id ?? 'unknown route'}: ${cause}`);
  if (thrown instanceof Error && !('query' in thrown)) console.error(thrown.stack);
  return { message: 'Something went wrong here. Nothing you typed was lost; try again.', id };
};

process.on('sveltekit:shutdown', () => {
  void Promise.all([closeDatabase(), closeAuth()]);
});
