import { ChevronRight } from 'lucide-react';
import type { ReactNode, SyntheticEvent } from 'react';

interface Props {
  readonly title: ReactNode;
  /** It is a heading of the page, so that it is found by headings. */
  readonly isHeading?: boolean;
  /** Under the title, smaller. */
  readonly below?: ReactNode;
  /** What is folded in there, in a line: beside the title where there is room. */
  readonly brief?: ReactNode;
  /** On a phone the brief stands under the title, cut to a line; else it is left out there. */
  readonly isBriefOnPhone?: boolean;
  /** At the end of the line: how much it is. */
  readonly aside?: ReactNode;
  /** The colour of the title, as a class; the words say the same. */
  readonly tone?: string;
  /** Open from the first. */
  readonly isOpen?: boolean;
  readonly onToggle?: (isOpen: boolean) => void;
  readonly children: ReactNode;
}

const BRIEF = 'text-muted min-w-0 truncate wide:grow wide:whitespace-normal';

/** A line that opens in its place. */
export function Row(props: Props) {
  const { title, isHeading, below, brief, isBriefOnPhone, aside, tone = '', isOpen, onToggle, children } = props;
  const isLine = brief !== undefined || aside !== undefined;
  const Title = isHeading ? 'h2' : 'b';
  return (
    <details
      className="group border-line border-b"
      {...(isOpen === undefined ? {} : { open: isOpen })}
      {...(onToggle && {
        onToggle: ({ currentTarget }: SyntheticEvent<HTMLDetailsElement>) => onToggle(currentTarget.open),
      })}
    >
      <summary
        className={`flex cursor-pointer list-none items-center gap-x-4 gap-y-0 py-1.5 ${isLine ? 'min-h-11' : 'min-h-12'}`}
      >
        <span
          className={
            isLine
              ? `grow wide:flex wide:items-baseline ${isBriefOnPhone ? 'flex min-w-0 flex-col' : ''} wide:flex-row`
              : 'grow'
          }
        >
          <span className={isLine ? 'wide:w-(--words) wide:max-w-72 wide:shrink-0' : ''}>
            <Title className={`leading-tight ${isHeading ? 'font-sans text-base' : isLine ? '' : 'text-lg'} ${tone}`}>
              {title}
            </Title>
            {below && <span className="text-muted block text-sm">{below}</span>}
          </span>
          {brief !== undefined && (
            <span className={`${BRIEF} ${isBriefOnPhone ? 'text-sm wide:text-base' : 'hidden wide:inline'}`}>
              {brief}
            </span>
          )}
        </span>
        {aside && <span className="text-muted text-right text-sm whitespace-nowrap">{aside}</span>}
        <ChevronRight aria-hidden="true" className="size-5 shrink-0 group-open:rotate-90" strokeWidth={3} />
      </summary>
      <div className="pb-3">{children}</div>
    </details>
  );
}
