import type { Pack } from './pack';

/** The cache that the service worker answers from when nothing else does. */
export const PAGES_CACHE = 'ubbet-pages';

const LAST_BOOK = 'ubbet-book';
/** Under this name it stands on the device for which book, and as of which facts, all pages are kept. */
export const KEPT = 'ubbet-kept-';

/** Throws kept pages away where they are of another book at this address: the demo's pages are never shown for a keeper's own. */
export async function dropPagesOfOthers(bookId: string): Promise<void> {
  if (localStorage.getItem(LAST_BOOK) === bookId) return;
  await caches.delete(PAGES_CACHE);
  for (const key of Object.keys(localStorage)) if (key.startsWith(KEPT)) localStorage.removeItem(key);
  localStorage.setItem(LAST_BOOK, bookId);
}

/** How far the pages have come. */
export interface Keeping {
  readonly done: number;
  readonly all: number;
  /** Seconds until all are there, by those that are; null: none is yet. */
  readonly secondsLeft: number | null;
}

/**
 * Puts every page of the pack into the cache, one after the other. Stops at the first that cannot be had.
 *
 * @param tell how far it is, after each page
 * @param clock milliseconds that go by
 */
export async function keepPages(
  { pages }: Pick<Pack, 'pages'>,
  signal: AbortSignal,
  tell: (keeping: Keeping) => void = () => {},
  clock: () => number = () => performance.now(),
): Promise<boolean> {
  const cache = await caches.open(PAGES_CACHE);
  const [all, begun] = [pages.length, clock()];
  for (const [i, page] of pages.entries()) {
    try {
      const response = await fetch(page, { headers: { Accept: 'text/html' }, signal });
      if (response.ok && !response.redirected) await cache.put(page, response);
    } catch {
      return false;
    }
    const done = i + 1;
    tell({ done, all, secondsLeft: Math.ceil((((clock() - begun) / done) * (all - done)) / 1000) });
  }
  return true;
}
