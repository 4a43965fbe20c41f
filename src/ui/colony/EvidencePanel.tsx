import type { DueView } from '../../views/due-view';
import type { ReadingView } from '../../views/reading-view';

interface Props {
  readonly reading: ReadingView;
  readonly readThen: string | null;
  /** What it advises holds today. */
  readonly isAdvised: boolean;
  /** What is due beside what is said first. */
  readonly also: readonly DueView[];
}

/**
 * The facts that the reading rests on, and what would change it.
 *
 * @param readThen what they meant on the day they were seen, where that is not what it reads today
 */
export function EvidencePanel({ reading, readThen, isAdvised, also }: Props) {
  return (
    <section aria-label="Because">
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
      {also.map(({ key, words, why }) => (
        <p key={key} className="mt-1 text-sm">
          <b>{words}.</b> {why}
        </p>
      ))}
    </section>
  );
}
