import type { DueView } from '../../views/due-view';
import type { ReadingView } from '../../views/reading-view';

interface Props {
  /** Null: nobody has inspected it yet. */
  readonly reading: ReadingView | null;
  /** What it meant on the day it was seen, where that is not what it reads today. */
  readonly readThen: string | null;
  /** What it advises holds today. */
  readonly isAdvised: boolean;
  /** What is due, where it is not said with it why. */
  readonly due: readonly DueView[];
}

/** The facts that the reading rests on, what would change it, and why the rest is due. */
export function EvidencePanel({ reading, readThen, isAdvised, due }: Props) {
  return (
    <section aria-label="Because">
      {reading && (
        <>
          {readThen && <h3 className="text-lg">{readThen}</h3>}
          {isAdvised && <p className="font-semibold">{reading.advice}</p>}
          <ul className="text-sm">
            {reading.because.map((text) => (
              <li key={text} className="before:mr-2 before:content-['–']">
                {text}
              </li>
            ))}
          </ul>
          {reading.cause && <p className="mt-1 text-sm font-semibold">{reading.cause}</p>}
          <p className="text-muted mt-1 text-sm">
            <b>This would change it:</b> {reading.wouldChange}
          </p>
        </>
      )}
      {due.map(({ key, words, why }) => (
        <p key={key} className="mt-1 text-sm">
          <b>{words}.</b> {why}
        </p>
      ))}
    </section>
  );
}
