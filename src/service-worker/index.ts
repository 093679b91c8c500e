/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import type { WorkboxPlugin } from 'workbox-core';
import { forgetsPages, isNotebookPage, mayKeep, PAGES, saysGone } from './notebook';

declare const self: ServiceWorkerGlobalScope;

/** Days a page seen once opens without a network. */
const KEPT_DAYS = 7;
const KEPT_PAGES = 40;
/** A network that does not answer for so long is taken as none. */
const PATIENCE_S = 5;

precacheAndRoute([
  ...build.map((url) => ({ url, revision: null })),
  ...files.map((url) => ({ url, revision: version })),
]);
cleanupOutdatedCaches();

/** How many times a person has left while this worker ran. */
let left = 0;
async function forgetPages(): Promise<void> {
  left += 1;
  await caches.delete(PAGES);
}

/** Pages are kept for who is signed in, and for nobody else: not for whoever left while one was on its way. */
const ofWhoIsHere: WorkboxPlugin = {
  handlerWillStart: ({ state }) => {
    if (state) state.asked = left;
    return Promise.resolve();
  },
  fetchDidSucceed: async ({ response }) => {
    if (saysGone(response.redirected, response.url)) await forgetPages();
    return response;
  },
  cacheWillUpdate: async ({ response, state }) => {
    const person = response.headers.get('x-person');
    const { status, redirected } = response;
    if (!mayKeep({ status, redirected, person, asked: Number(state?.asked), now: left })) return null;
    const kept = await caches.open(PAGES);
    const [first] = await kept.keys();
    const before = first && (await kept.match(first));
    if (before && before.headers.get('x-person') !== person) await caches.delete(PAGES);
    return response;
  },
  cacheDidUpdate: async ({ state }) => {
    // the person left between the look and the keeping
    if (state?.asked !== left) await caches.delete(PAGES);
  },
};

registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && isNotebookPage(url.pathname),
  new NetworkFirst({
    cacheName: PAGES,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [ofWhoIsHere, new ExpirationPlugin({ maxEntries: KEPT_PAGES, maxAgeSeconds: KEPT_DAYS * 86_400 })],
  }),
);
registerRoute(
  ({ request, sameOrigin, url }) => sameOrigin && request.mode === 'navigate' && !isNotebookPage(url.pathname),
  ({ request }) => fetch(request),
);
setCatchHandler(async ({ request }) =>
  request instanceof Request && request.mode === 'navigate'
    ? ((await matchPrecache('/offline.html')) ?? Response.error())
    : Response.error(),
);

// another person on this device must not find the pages of the one before
self.addEventListener('fetch', (event) => {
  if (forgetsPages(event.request.method, new URL(event.request.url).pathname)) event.waitUntil(forgetPages());
});
self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});
