import type { Pack } from './pack';

/** The cache that the service worker answers from when nothing else does. */
export const PAGES_CACHE = 'ubbet-pages';

const LAST_BOOK = 'ubbet-book';

/** Throws kept pages away where they are of another book at this address: the demo's pages are never shown for a keeper's own. */
export async function dropPagesOfOthers(bookId: string): Promise<void> {
  if (localStorage.getItem(LAST_BOOK) === bookId) return;
  await caches.delete(PAGES_CACHE);
  localStorage.setItem(LAST_BOOK, bookId);
}

/** Puts every page of the pack into the cache, one after the other. Stops at the first that cannot be had. */
export async function keepPages({ pages }: Pick<Pack, 'pages'>, signal: AbortSignal): Promise<boolean> {
  const cache = await caches.open(PAGES_CACHE);
  for (const page of pages) {
    try {
      const response = await fetch(page, { headers: { Accept: 'text/html' }, signal });
      if (response.ok && !response.redirected) await cache.put(page, response);
    } catch {
      return false;
    }
  }
  return true;
}
