/// <reference lib="webworker" />
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { localMinute } from '../core/calendar/local-minute';
import { keptMornings, rememberSaid } from '../device/keep-mornings';
import { MORNING_TAG, morningNow } from '../device/mornings';
import { morningPhrases } from '../words/morning';

declare const self: ServiceWorkerGlobalScope;
/** The built files, each named after its content. Put in when this is bundled. */
declare const BUILT_FILES: readonly string[];

const OK = 200;
const PAGES_CACHE = 'ubbet-pages';
/** A signal that brings nothing within this time counts as none. */
const PATIENCE_SECONDS = 8;

void self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

cleanupOutdatedCaches();
// A worker reads what it is to load from behind the # of its own address. An answer out of the cache would give it the kept
// file's address, without that part; an answer made here leaves it the one that it was asked for with.
registerRoute(
  ({ request }) => request.destination === 'worker',
  async ({ request }) => {
    const kept = await matchPrecache(request.url.split('#', 1)[0] as string);
    return kept ? new Response(kept.body, { headers: kept.headers }) : fetch(request);
  },
);
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
    plugins: [
      {
        cacheKeyWillBeUsed: async ({ request }) => pageOf(request.url),
        // Neither a way elsewhere nor a page that asks to sign in is kept in a page's place.
        cacheWillUpdate: async ({ response }) => (response.status === OK && !response.redirected ? response : null),
      },
    ],
  }),
);

/** Woken by the browser now and then: on the morning of a round it says so, once, by what this device had last heard. */
async function sayMorning(): Promise<void> {
  const { mornings, saidOn } = await keptMornings();
  const morning = morningNow(mornings, localMinute(new Date()), saidOn);
  if (!morning) return;
  await self.registration.showNotification(morningPhrases.title, {
    body: morning.words,
    tag: MORNING_TAG,
    icon: '/icon-192.png',
  });
  await rememberSaid(morning.on);
}
self.addEventListener('periodicsync', (event) => {
  const { tag } = event as Event & { readonly tag: string };
  if (tag === MORNING_TAG) (event as ExtendableEvent).waitUntil(sayMorning());
});
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(self.clients.openWindow('/'));
});

setCatchHandler(async ({ request }) => {
  if (request instanceof Request && request.mode === 'navigate') {
    const kept = await caches.match('/offline', { ignoreVary: true });
    if (kept) return kept;
  }
  return Response.error();
});
