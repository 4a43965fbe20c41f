import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

interface Props {
  readonly title: ReactNode;
  /** Under the title, smaller. */
  readonly below?: ReactNode;
  readonly children: ReactNode;
}

/** A line that opens in its place. */
export function Unfold({ title, below, children }: Props) {
  return (
    <details className="group border-line border-b">
      <summary className="flex min-h-12 cursor-pointer list-none items-center gap-2 py-2">
        <span className="grow">
          <b className="text-lg leading-tight">{title}</b>
          {below && <span className="text-muted block text-sm">{below}</span>}
        </span>
        <ChevronRight aria-hidden="true" className="size-5 shrink-0 group-open:rotate-90" strokeWidth={3} />
      </summary>
      <div className="pb-3">{children}</div>
    </details>
  );
}
