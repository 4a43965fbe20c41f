'use client';

import { Boxes, ChartGantt, Fence, GraduationCap, ListChecks, type LucideIcon, NotebookPen } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { PLACES, type PlaceName } from './places';

const ICONS: { readonly [P in PlaceName]: LucideIcon } = {
  Today: ListChecks,
  'At the hive': NotebookPen,
  Season: ChartGantt,
  Colonies: Boxes,
  Apiaries: Fence,
  Learn: GraduationCap,
};

/** The screens, with the present one underlined: in the head, and on a phone the first of them at the thumb, beside *more*. */
export function NavLinks() {
  const path = usePathname();
  return (
    <nav
      aria-label="Screens"
      className="fixed right-[20%] bottom-0 left-0 z-10 border-t-2 border-ink bg-ground print:hidden wide:static wide:border-0"
    >
      <ul className="grid grid-cols-4 wide:flex wide:gap-x-4">
        {PLACES.map(({ href, name, within, isAtThumb }) => {
          const isHere = within(path);
          const Icon = ICONS[name];
          return (
            <li key={href} className={isAtThumb ? '' : 'hidden wide:block'}>
              <Link
                prefetch={false}
                href={href}
                aria-current={isHere ? 'page' : undefined}
                className={`flex min-h-14 flex-col items-center justify-center border-t-4 text-sm font-semibold whitespace-nowrap no-underline wide:min-h-0 wide:border-t-0 wide:border-b-4 wide:py-2 wide:text-base ${isHere ? 'border-willow' : 'border-transparent hover:border-line'}`}
              >
                <Icon aria-hidden="true" size={22} className="wide:hidden" />
                {name}
              </Link>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
