import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

interface Props {
  readonly title: ReactNode;
  /** Under the title, smaller. */
  readonly below?: ReactNode;
  /** What is folded in there, in a line: beside the title where there is room, else left out. */
  readonly brief?: ReactNode;
  /** At the end of the line: how much it is. */
  readonly aside?: ReactNode;
  /** The colour of the title, as a class; the words say the same. */
  readonly tone?: string;
  readonly children: ReactNode;
}

/** A line that opens in its place. */
export function Unfold({ title, below, brief, aside, tone = '', children }: Props) {
  const isLine = brief !== undefined || aside !== undefined;
  return (
    <details className="group border-line border-b">
      <summary
        className={`flex cursor-pointer list-none items-center gap-x-4 gap-y-0 py-1.5 ${isLine ? 'min-h-11' : 'min-h-12'}`}
      >
        <span className={isLine ? 'grow wide:w-(--words) wide:max-w-72 wide:shrink-0 wide:grow-0' : 'grow'}>
          <b className={`leading-tight ${isLine ? '' : 'text-lg'} ${tone}`}>{title}</b>
          {below && <span className="text-muted block text-sm">{below}</span>}
        </span>
        {isLine && <span className="text-muted hidden grow wide:inline">{brief}</span>}
        {aside && <span className="text-muted text-right text-sm whitespace-nowrap">{aside}</span>}
        <ChevronRight aria-hidden="true" className="size-5 shrink-0 group-open:rotate-90" strokeWidth={3} />
      </summary>
      <div className="pb-3">{children}</div>
    </details>
  );
}
