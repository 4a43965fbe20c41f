import type { ReadingView } from '../../views/reading-view';

/**
 * The facts that the reading rests on, and what would change it.
 *
 * @param readThen what they meant on the day they were seen, where that is not what it reads today
 */
export function EvidencePanel({ reading, readThen }: { reading: ReadingView; readThen: string | null }) {
  return (
    <section aria-label="Because" className="mt-3">
      <h2 className="text-lg">{readThen ?? 'Because'}</h2>
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
    </section>
  );
}
