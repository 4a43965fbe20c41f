'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useBook } from '../frame/BookContext';
import { colonyOnPage, isTyping, neighbour } from './shortcuts';

// Few open them, so that their script comes when they do.
const FindDialog = dynamic(() => import('./FindDialog').then((module) => module.FindDialog), { ssr: false });
const KeysDialog = dynamic(() => import('./KeysDialog').then((module) => module.KeysDialog), { ssr: false });

/** The keys of every screen, with a button for those who do not know them. */
export function KeyHandler() {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  const router = useRouter();
  const book = useBook();

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      // Asked for as the key is pressed: a page may stand there before anything here has been told of it.
      const colony = colonyOnPage(window.location.pathname);
      const beside = (step: 1 | -1) => colony && book && neighbour(book.colonies, colony, step);
      const to = { '[': beside(-1), ']': beside(1) }[event.key];
      if (event.key === '?') setOpen('keys');
      else if (event.key === '/') setOpen('find');
      else if (event.key === 'n') router.push(colony ? `/colonies/${colony}/inspect` : '/hive');
      else if (to) router.push(`/colonies/${to.id}`);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [book, router]);

  return (
    <>
      <button
        type="button"
        className="min-h-9 border border-line bg-paper px-2.5 text-sm font-semibold hover:border-ink"
        onClick={() => setOpen('find')}
      >
        find
      </button>
      <button
        type="button"
        className="hidden min-h-9 border border-line bg-paper px-2.5 text-sm font-semibold hover:border-ink wide:block"
        aria-label="Keys"
        onClick={() => setOpen('keys')}
      >
        ?
      </button>
      {open === 'find' && <FindDialog onClose={() => setOpen(null)} />}
      {open === 'keys' && <KeysDialog onClose={() => setOpen(null)} />}
    </>
  );
}
