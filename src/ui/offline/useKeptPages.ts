'use client';

import { useEffect, useRef, useState } from 'react';
import { keepMornings } from '../../device/keep-mornings';
import { dropPagesOfOthers, KEPT, type Keeping, keepPages } from '../../device/keep-pages';
import { morningsOf } from '../../device/mornings';
import type { Pack } from '../../device/pack';

/** Not known: nobody has looked yet. Cannot: this browser keeps no pages. Just now: it became ready while this page was open. */
export type Readiness =
  | { readonly is: 'not-known' | 'cannot' | 'ready' | 'just-now' }
  | { readonly is: 'getting-ready'; readonly keeping: Keeping };

const SETTLED_MS = 2_500;

/** Has the service worker answer without a signal, and gives it every page of the book once the keeper has settled on one. */
export function useKeptPages(bookId: string, pack: Pack | null, isReachable: boolean): Readiness {
  const [readiness, setReadiness] = useState<Readiness>({ is: 'not-known' });
  const [isServed, setServed] = useState(false);
  const key = `${KEPT}${bookId}`;
  useEffect(() => {
    if (localStorage.getItem(key) !== null) setReadiness({ is: 'ready' });
    if (process.env.NODE_ENV !== 'production') return;
    const cannot = () => setReadiness((was) => (was.is === 'ready' ? was : { is: 'cannot' }));
    if (!('serviceWorker' in navigator) || !('caches' in window)) return cannot();
    navigator.serviceWorker.register('/sw.js').then((one) => (one ? setServed(true) : cannot()), cannot);
  }, [key]);
  // The newest pack is at hand, and only a newer state of the book begins anew.
  const newest = useRef(pack);
  newest.current = pack;
  const version = pack?.version;
  useEffect(() => {
    if (version === undefined || !isReachable || !isServed || localStorage.getItem(key) === version) return;
    const isFirst = localStorage.getItem(key) === null;
    const stop = new AbortController();
    const tell = (keeping: Keeping) => {
      if (isFirst && !stop.signal.aborted) setReadiness({ is: 'getting-ready', keeping });
    };
    tell({ done: 0, all: newest.current?.pages.length ?? 0, secondsLeft: null });
    const timer = setTimeout(async () => {
      await navigator.serviceWorker.ready;
      await dropPagesOfOthers(bookId);
      if (newest.current) await keepMornings(morningsOf(newest.current)).catch(() => {});
      if (!newest.current || !(await keepPages(newest.current, stop.signal, tell))) return;
      localStorage.setItem(key, version);
      if (isFirst) setReadiness({ is: 'just-now' });
    }, SETTLED_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [bookId, key, version, isReachable, isServed]);
  return readiness;
}
