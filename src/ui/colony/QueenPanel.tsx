import Link from 'next/link';
import { day } from '../../core/calendar/day';
import { weekdayWords } from '../../core/calendar/words';
import { QUEEN_EVENT_WORDS, type QueenLine } from '../../views/colony-records';
import { BUTTON } from '../controls/styles';

interface Props {
  readonly colonyId: string;
  readonly words: string;
  readonly lastLaid: string | null;
  readonly lines: readonly QueenLine[];
}

/** What is known of the queen, and what befell her and those before her. */
export function QueenPanel({ colonyId, words, lastLaid, lines }: Props) {
  return (
    <section className="mt-3" aria-label="Queen">
      <h2 className="text-lg">Queen</h2>
      <p>{words}</p>
      {lastLaid && <p className="text-muted text-sm">{lastLaid}</p>}
      <ul className="mt-2 text-sm">
        {lines.map(({ id, on, kind, queen, note }) => (
          <li key={id} className="border-b border-line py-1">
            <b>{weekdayWords(day(on))}</b> {`${queen}: ${QUEEN_EVENT_WORDS[kind]}`}
            {note && <span className="text-muted">{` “${note}”`}</span>}
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link prefetch={false} href={`/colonies/${colonyId}/queen`} className={BUTTON.quiet}>
          Note something about the queen
        </Link>
      </p>
    </section>
  );
}
