'use client';

import { Menu } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { MENU } from './places';

/** What is set up once: data, settings, the phone. Escape and a click elsewhere shut it, and the focus goes back to its button. */
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
    <details ref={menu} className="relative">
      <summary
        aria-label="More"
        className="flex size-9 cursor-pointer wide:size-10 list-none items-center justify-center border-2 border-line bg-paper hover:bg-tint"
      >
        <Menu aria-hidden="true" size={20} />
      </summary>
      <nav aria-label="More" className="absolute right-0 z-30 mt-1 w-44 border-2 border-ink bg-paper">
        <ul>
          {MENU.map(({ href, name }) => (
            <li key={href}>
              <Link
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
