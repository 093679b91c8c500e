/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { forgetsPages, isNotebookPage, PAGES } from './notebook';

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

registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && isNotebookPage(url.pathname),
  new NetworkFirst({
    cacheName: PAGES,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      // what leads to sign-in is not the page
      {
        cacheWillUpdate: ({ response }) =>
          Promise.resolve(response.status === 200 && !response.redirected ? response : null),
      },
      new ExpirationPlugin({ maxEntries: KEPT_PAGES, maxAgeSeconds: KEPT_DAYS * 86_400 }),
    ],
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
  if (forgetsPages(event.request.method, new URL(event.request.url).pathname)) event.waitUntil(caches.delete(PAGES));
});
self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});
