import Link from 'next/link';
import { day } from '../../core/calendar/day';
import type { ProgrammeLine } from '../../views/colony-view';
import { dayWords } from '../../words/days';
import { PutBack } from '../controls/PutBack';

interface Props {
  readonly lines: readonly ProgrammeLine[];
  readonly takenBack: readonly { readonly id: string; readonly title: string; readonly on: string }[];
}

/** The methods that the colony is under, and those that are over. */
export function ProgrammeLinks({ lines, takenBack }: Props) {
  const running = lines.filter(({ isRunning }) => isRunning);
  const over = lines.filter(({ isRunning }) => !isRunning);
  return (
    <>
      {running.map(({ id, words }) => (
        <p key={id} className="mt-2">
          <Link prefetch={false} href={`/programmes/${id}`} className="font-bold">
            {words}
          </Link>
        </p>
      ))}
      {over.length > 0 && (
        <p className="text-muted mt-1 text-sm">
          Before:{' '}
          {over.map(({ id, words }, i) => (
            <span key={id}>
              {i > 0 && '; '}
              <Link prefetch={false} href={`/programmes/${id}`}>
                {words}
              </Link>
            </span>
          ))}
        </p>
      )}
      {takenBack.map(({ id, title, on }) => (
        <p key={id} className="text-muted mt-1 text-sm">
          {title} of {dayWords(day(on))} was taken back. <PutBack path={`/api/programmes/${id}`} />
        </p>
      ))}
    </>
  );
}
