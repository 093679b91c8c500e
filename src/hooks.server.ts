import {
  error,
  redirect,
  type Handle,
  type HandleServerError,
  type RequestEvent,
  type ServerInit,
} from '@sveltejs/kit';
import { building } from '$app/environment';
import { v7 } from 'uuid';
import { isDay } from '$core/calendar';
import { dayOrder } from '$lib/messages';
import { can, type Ability } from '$lib/server/auth/access';
import { closeAuth } from '$lib/server/auth/auth';
import { identify, type Identity } from '$lib/server/auth/identity';
import { AWAY_MESSAGE, isAwayTold, RETRY_AFTER_S } from '$lib/server/away';
import { origin, todayMark } from '$lib/server/config';
import { withDaysOfRequest } from '$lib/server/day-order';
import { closeDatabase, queryCount } from '$lib/server/db/client';
import { closeFilePool } from '$lib/server/files/pool';
import { startHousekeeping } from '$lib/server/housekeeping';
import { isId } from '$lib/server/http';
import { keptPage, mayBeKept } from '$lib/server/kept-pages';
import { ownPath } from '$lib/server/own-path';
import { plainAnswer, wantsJson } from '$lib/server/plain-answer';
import { setSecurityHeaders } from '$lib/server/security-headers';
import { endStreams } from '$lib/server/streams';
import { themeOf } from '$lib/model/theme';

/** Pages anyone may open; everything else needs a person and an ability. */
const OPEN = [
  '/theme',
  '/sign-in',
  '/sign-up',
  '/join/[token]',
  '/healthz',
  '/readyz',
  '/a/[token]',
  '/a/[token]/calendar.ics',
  '/a/[token]/card',
  '/a/[token]/moment',
  '/a/[token]/side',
  '/calendar/[token].ics',
];

/** Asked by whoever watches the process, under whatever name it calls it by. */
const WATCHED = ['/healthz', '/readyz'];

/** Writes of the hall: who logs may make them. */
const LOGGED = [
  '/api/sets',
  '/api/check-ins',
  '/api/results',
  '/api/sessions/[id]/close',
  '/(app)/start/[squadId]/[day]/import',
];

/** A person's own account, whatever their role. */
const OWN = ['/(app)/account'];

/** Whether an address names what could be there at all: what is no id or day never reaches the database. */
function makesSense({ params, url }: RequestEvent): boolean {
  if (/%00/.test(url.pathname) || /%00/.test(url.search)) return false;
  return Object.entries(params).every(([name, value]) => {
    if (/Id$/.test(name)) return isId(value);
    return name === 'day' ? isDay(value) : value.length <= 200;
  });
}

const isRead = (method: string): boolean => method === 'GET' || method === 'HEAD' || method === 'OPTIONS';

/** What a write needs by where it goes; reading needs `see`. */
function abilityFor(routeId: string, method: string): Ability {
  if (isRead(method)) return 'see';
  if (OWN.includes(routeId)) return 'see';
  return LOGGED.includes(routeId) ? 'log' : 'plan';
}

/** What is refused whoever asks. */
function refuse(event: RequestEvent): Response | null {
  const { request } = event;
  // a page elsewhere can make a browser send our cookies, never our origin
  if (!isRead(request.method) && request.headers.get('origin') !== new URL(origin()).origin)
    return plainAnswer(request, 403, 'This did not come from our own pages.');
  return makesSense(event) ? null : plainAnswer(request, 404, 'This page is not there.');
}

/** Who asks; a stranger is sent to sign in, or told so where a script or a form waits for the answer. */
async function admit(event: RequestEvent): Promise<Response | null> {
  const { route, request, url, cookies, locals } = event;
  if (route.id === null || OPEN.includes(route.id)) return null;
  try {
    locals.identity = await identify(cookies);
  } catch (failure) {
    if (isAwayTold(failure)) return plainAnswer(request, 503, AWAY_MESSAGE);
    throw failure;
  }
  if (!locals.identity) {
    if (route.id.startsWith('/api/')) return plainAnswer(request, 401, 'Sign in first.');
    if (!isRead(request.method) && wantsJson(request))
      return plainAnswer(
        request,
        401,
        'You are signed out. Sign in in another tab, then send this again: it stands as typed.',
      );
    redirect(303, `/sign-in?to=${encodeURIComponent(url.pathname + url.search)}`);
  }
  if (route.id !== '/sign-out' && !can(locals.identity.role, abilityFor(route.id, request.method)))
    error(403, 'Your role in this club does not open this page. Athletes use their own link.');
  return null;
}

/** Who was admitted, read where the compiler does not remember what stood there before. */
const whoIs = ({ identity }: App.Locals): App.Locals['identity'] => identity;

/** Everything a page depends on beside the rows of its club. */
const keyOf = ({ clubId, userId, name, email, role }: Identity, url: URL, theme: string): string =>
  JSON.stringify([clubId, userId, name, email, role, url.pathname, url.search, theme, todayMark()]);

export const handle: Handle = async ({ event, resolve }) => {
  if (building) return resolve(event);
  const { route, request, url } = event;
  // one address for one application: cookies and form posts are bound to it
  const host = request.headers.get('host');
  if (host !== null && host !== new URL(origin()).host && isRead(request.method) && !WATCHED.includes(route.id ?? ''))
    redirect(307, new URL(ownPath(url.pathname + url.search, '/'), origin()).href);
  event.locals.identity = null;
  event.locals.onceIds = [];
  const turnedAway = refuse(event) ?? (await admit(event));
  const person = whoIs(event.locals);
  const isPrivate = person !== null || /^\/(a|join)\//.test(route.id ?? '') || turnedAway !== null;
  const theme = themeOf(event.cookies.get('theme'));
  const counted = { count: 0 };
  return withDaysOfRequest(person?.clubId ?? null, () =>
    queryCount.run(counted, async () => {
      const lay = async (): Promise<Response> =>
        resolve(event, {
          transformPageChunk: ({ html }) => html.replace('%theme%', theme).replace('%days%', dayOrder()),
        });
      const kept = person !== null && !event.isDataRequest && mayBeKept(route.id, request.method);
      const response =
        turnedAway ??
        (kept ? await keptPage(person.clubId, keyOf(person, url, theme), event.locals.onceIds, lay) : await lay());
      if (person) response.headers.set('x-statements', String(counted.count));
      if (response.status === 503) response.headers.set('retry-after', String(RETRY_AFTER_S));
      setSecurityHeaders(response.headers, person?.sessionId ?? null, isPrivate);
      return response;
    }),
  );
};

/** A bug is logged under an id the user sees; parameter values (health notes) never reach the log. */
export const handleError: HandleServerError = ({ error: thrown, event, status, message }) => {
  if (status === 404) return { message: 'This page is not there.' };
  // what arrived was not what this address takes (a body too long, a wrong kind of form)
  if (status < 500) return { message };
  const id = v7().slice(-8);
  const cause =
    thrown instanceof Error ? ((thrown.cause as { code?: string } | undefined)?.code ?? thrown.name) : 'unknown';
  console.error(`[${id}] ${event.request.method} ${event.route.id ?? 'unknown route'}: ${cause}`);
  if (thrown instanceof Error && !('query' in thrown)) console.error(thrown.stack);
  return { message: 'Something went wrong here. Nothing you typed was lost; try again.', id };
};

/** What has had its time goes, whether anybody looks or not. */
export const init: ServerInit = () => {
  if (!building) startHousekeeping();
};

// the server waits for what runs; streams would run for ever
if (!building) for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endStreams);

process.on('sveltekit:shutdown', () => {
  void Promise.all([closeDatabase(), closeAuth(), closeFilePool()]);
});
