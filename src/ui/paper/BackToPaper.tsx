import { ChevronLeft } from 'lucide-react';
import Link from 'next/link';
import { BUTTON } from '../controls/styles';

/** The way back to all that can be printed. */
export function BackToPaper() {
  return (
    <Link prefetch={false} href="/paper" className={`${BUTTON.quiet} min-h-11`}>
      <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
      On paper
    </Link>
  );
}
