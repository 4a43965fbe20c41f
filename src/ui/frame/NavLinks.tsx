'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';

const PLACES = [
  { href: '/', name: 'Today', within: (path: string) => path === '/' },
  { href: '/hive', name: 'At the hive', within: (path: string) => path.startsWith('/hive') },
  { href: '/season', name: 'Season', within: (path: string) => path.startsWith('/season') },
  {
    href: '/colonies',
    name: 'Colonies',
    within: (path: string) => path.startsWith('/colonies') || path.startsWith('/apiaries'),
  },
  { href: '/cells', name: 'Cells', within: (path: string) => path === '/cells' },
  { href: '/cell-clock', name: 'Cell clock', within: (path: string) => path.startsWith('/cell-clock') },
  { href: '/data', name: 'Data', within: (path: string) => path.startsWith('/data') },
  { href: '/settings', name: 'Settings', within: (path: string) => path.startsWith('/settings') },
] as const;

/** The screens, with the present one underlined. */
export function NavLinks() {
  const path = usePathname();
  return (
    <nav
      aria-label="Screens"
      className="order-last -mx-4 w-screen min-w-0 overflow-x-auto px-4 wide:order-none wide:mx-0 wide:w-auto wide:px-0"
    >
      <ul className="flex gap-x-5">
        {PLACES.map(({ href, name, within }) => {
          const isHere = within(path);
          return (
            <li key={href}>
              <Link
                href={href}
                aria-current={isHere ? 'page' : undefined}
                className={`block border-b-4 py-2 font-semibold whitespace-nowrap no-underline ${isHere ? 'border-willow' : 'border-transparent hover:border-line'}`}
              >
                {name}
              </Link>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
