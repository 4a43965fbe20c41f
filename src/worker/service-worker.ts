/// <reference lib="webworker" />
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;
/** The built files, each named after its content. Put in when this is bundled. */
declare const BUILT_FILES: readonly string[];

const PAGES_CACHE = 'ubbet-pages';
/** A signal that brings nothing within this time counts as none. */
const PATIENCE_SECONDS = 8;

void self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

cleanupOutdatedCaches();
precacheAndRoute(BUILT_FILES.map((url) => ({ url, revision: null })));

/** At the hive one page shows whatever its address asks for. */
const pageOf = (url: string) => {
  const { origin, pathname } = new URL(url);
  return pathname === '/hive' ? `${origin}/hive` : url;
};

registerRoute(
  ({ request, url }) =>
    request.mode === 'navigate' && !url.pathname.startsWith('/api/') && !url.pathname.startsWith('/calendar/'),
  new NetworkFirst({
    cacheName: PAGES_CACHE,
    networkTimeoutSeconds: PATIENCE_SECONDS,
    // A page is one page, whatever headers it was asked for with.
    matchOptions: { ignoreVary: true },
    plugins: [{ cacheKeyWillBeUsed: async ({ request }) => pageOf(request.url) }],
  }),
);

setCatchHandler(async ({ request }) => {
  if (request instanceof Request && request.mode === 'navigate') {
    const kept = await caches.match('/offline', { ignoreVary: true });
    if (kept) return kept;
  }
  return Response.error();
});
