import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Day } from '../../core/calendar/day';
import { DemoClock } from './DemoClock';
import { NavLinks } from './NavLinks';

/** What stands around every screen: the name, the ways to go, and in the demo the clock that can be stepped. */
export function Frame({ demoDay, children }: { demoDay: Day | null; children: ReactNode }) {
  return (
    <>
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-20 focus:bg-paper focus:p-3">
        Skip to the page
      </a>
      <header className="border-b-2 border-ink px-4 wide:px-7">
        <div className="flex flex-wrap items-center gap-x-8 py-1 wide:flex-nowrap wide:py-1.5">
          <Link href="/" className="font-display text-2xl font-extrabold no-underline">
            ubbet
          </Link>
          <NavLinks />
          {demoDay !== null && <DemoClock day={demoDay} />}
        </div>
      </header>
      <main id="main" className="px-4 pb-16 wide:px-7">
        {children}
      </main>
      <footer className="text-muted border-t border-line px-4 py-4 text-sm wide:px-7">
        Dates are estimates from what was entered. Unsure? Ask an experienced keeper or your local association. Brood
        that looks sunken, perforated or smells: close up, move nothing, call the bee inspector.
      </footer>
    </>
  );
}
