'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { VIEWS } from './places';

/** The views of a place, the present one underlined. */
export function Views({ of }: { of: keyof typeof VIEWS }) {
  const path = usePathname();
  return (
    <nav aria-label={of === 'learn' ? 'Learn' : 'Colonies'} className="mt-2 print:hidden">
      <ul className="flex flex-wrap gap-x-5 border-b border-line">
        {VIEWS[of].map(({ href, name }) => {
          const isHere = path === href || path.startsWith(`${href}/`);
          return (
            <li key={href}>
              <Link
                href={href}
                aria-current={isHere ? 'page' : undefined}
                className={`block min-h-11 border-b-4 py-2 font-semibold no-underline ${isHere ? 'border-ink' : 'border-transparent hover:border-line'}`}
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
