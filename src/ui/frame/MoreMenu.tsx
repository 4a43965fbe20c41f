'use client';

import { Menu } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { MENU, VIEWS } from './places';

/** What is set up once: data, settings, the phone; on a phone the places that have no room at the thumb as well. Escape and a click elsewhere shut it, and the focus goes back to its button. */
export function MoreMenu() {
  const menu = useRef<HTMLDetailsElement>(null);
  const path = usePathname();
  // biome-ignore lint/correctness/useExhaustiveDependencies: whoever has gone to a place has done with the menu
  useEffect(() => {
    menu.current?.removeAttribute('open');
  }, [path]);
  useEffect(() => {
    const shut = (event: Event) => {
      if (!menu.current?.open) return;
      const isEscape = event instanceof KeyboardEvent && event.key === 'Escape';
      const isElsewhere = event.type === 'pointerdown' && !menu.current.contains(event.target as Node);
      if (!isEscape && !isElsewhere) return;
      menu.current.open = false;
      if (isEscape) menu.current.querySelector('summary')?.focus();
    };
    document.addEventListener('keydown', shut);
    document.addEventListener('pointerdown', shut);
    return () => {
      document.removeEventListener('keydown', shut);
      document.removeEventListener('pointerdown', shut);
    };
  }, []);
  return (
    <details ref={menu} className="fixed right-0 bottom-0 z-10 w-1/5 wide:relative wide:z-30 wide:w-auto">
      <summary
        aria-label="More"
        className="flex min-h-14 cursor-pointer list-none flex-col items-center justify-center border-t-2 border-ink bg-ground text-sm font-semibold hover:bg-tint wide:size-10 wide:min-h-0 wide:border-2 wide:border-line wide:bg-paper"
      >
        <Menu aria-hidden="true" size={22} />
        <span className="wide:hidden">More</span>
      </summary>
      <nav
        aria-label="More"
        className="absolute right-0 bottom-full z-30 w-48 border-2 border-ink bg-paper wide:top-full wide:bottom-auto wide:mt-1"
      >
        <ul>
          {[
            { href: '/apiaries', name: 'Apiaries', isForPhone: true },
            ...VIEWS.learn.map((view) => ({ ...view, isForPhone: true })),
            ...MENU.map((one) => ({ ...one, isForPhone: false })),
          ].map(({ href, name, isForPhone }) => (
            <li key={href} className={isForPhone ? 'wide:hidden' : ''}>
              <Link
                prefetch={false}
                href={href}
                aria-current={path.startsWith(href) ? 'page' : undefined}
                className="block min-h-11 px-3 py-2.5 font-semibold no-underline hover:bg-tint aria-[current=page]:underline"
              >
                {name}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
    </details>
  );
}
