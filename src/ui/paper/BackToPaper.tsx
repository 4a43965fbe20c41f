import { ChevronLeft } from 'lucide-react';
import { ButtonLink } from '../controls/Button';

/** The way back to all that can be printed. */
export function BackToPaper() {
  return (
    <ButtonLink href="/paper" kind="quiet" className="min-h-11">
      <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
      On paper
    </ButtonLink>
  );
}
