import Link from 'next/link';
import type { ReactNode } from 'react';
import type { BookInfo } from '../../views/book-info';
import { KeyHandler } from '../keys/KeyHandler';
import { DeviceProvider } from '../offline/DeviceProvider';
import { GettingReady } from '../offline/GettingReady';
import { NotInHere } from '../offline/NotInHere';
import { SignalBadge } from '../offline/SignalBadge';
import { BookProvider } from './BookContext';
import { DemoClock } from './DemoClock';
import { MoreMenu } from './MoreMenu';
import { NavLinks } from './NavLinks';
import { SayZone } from './SayZone';
import { ThemeChoice } from './ThemeChoice';

/** What stands around every screen: the name, the ways to go, whether all is sent, and in the demo the clock that can be stepped. */
export function Frame({ book, children }: { book: BookInfo; children: ReactNode }) {
  return (
    <BookProvider book={book}>
      <DeviceProvider bookId={book.bookId} bookName={book.bookName}>
        <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-20 focus:bg-paper focus:p-3">
          Skip to the page
        </a>
        <SayZone />
        <header className="border-b-2 border-ink px-4 wide:px-7 print:hidden">
          <div className="flex flex-wrap items-center gap-x-1 py-1 min-[24rem]:gap-x-2 wide:gap-x-6 wide:flex-nowrap wide:py-1.5">
            <Link
              prefetch={false}
              href="/"
              className="font-display text-xl font-extrabold no-underline min-[24rem]:text-2xl"
            >
              ubbet
            </Link>
            <NavLinks />
            <div className="ml-auto flex items-center gap-1 wide:gap-3">
              <SignalBadge />
              <KeyHandler />
              <MoreMenu />
              {book.isDemo && <DemoClock day={book.today} />}
            </div>
          </div>
        </header>
        <main id="main" className="px-4 pb-16 wide:px-7">
          {book.isReader && (
            <p role="note" className="text-muted mt-2 border-l-4 border-line pl-3 text-sm">
              You came in by a reader’s link: you can look at everything, and write nothing.
            </p>
          )}
          <NotInHere />
          <GettingReady />
          {children}
        </main>
        <footer className="text-muted grid gap-3 border-t border-line px-4 pt-4 pb-20 text-sm wide:grid-cols-[1fr_auto] wide:px-7 wide:pb-4 print:hidden">
          <p>
            Dates are estimates from what was entered. Unsure? Ask an experienced keeper or your local association.
            Brood that looks sunken, perforated or smells: close up, move nothing, call the bee inspector.
          </p>
          <ThemeChoice />
        </footer>
      </DeviceProvider>
    </BookProvider>
  );
}
