'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { VIEWS } from './places';

const NAMES: { readonly [V in keyof typeof VIEWS]: string } = {
  season: 'Season',
  apiaries: 'Apiaries',
  colonies: 'Colonies',
  learn: 'Learn',
};

/** The views of a place, the present one underlined. */
export function Views({ of }: { of: keyof typeof VIEWS }) {
  const path = usePathname();
  // Of two that lead here the nearer one.
  const here = VIEWS[of]
    .map(({ href }) => href)
    .filter((href) => path === href || path.startsWith(`${href}/`))
    .reduce((nearest, href) => (href.length > nearest.length ? href : nearest), '');
  return (
    <nav aria-label={NAMES[of]} className="mt-2 print:hidden">
      <ul className="flex flex-wrap gap-x-5 border-b border-line">
        {VIEWS[of].map(({ href, name }) => {
          const isHere = href === here;
          return (
            <li key={href}>
              <Link
                prefetch={false}
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
