'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { PLACES } from './places';

/** The screens, with the present one underlined. */
export function NavLinks() {
  const path = usePathname();
  return (
    <nav
      aria-label="Screens"
      className="order-last -mx-4 w-screen min-w-0 overflow-x-auto px-4 wide:order-none wide:mx-0 wide:w-auto wide:px-0"
    >
      <ul className="flex gap-x-5 wide:gap-x-4">
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
