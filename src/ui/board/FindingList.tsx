import type { Finding } from '../../core/space/arrangement-rules';
import { boardWords } from '../../words/board-words';

interface Props {
  /** Null: a moment, they are not known yet. */
  readonly findings: readonly Finding[] | null;
  /** `frame 3 of brood box`. */
  readonly placeWords: (finding: Finding) => string | null;
  readonly onSelect: (frameId: string) => void;
}

/** What the rules have against the board as it is, each with its reason. */
export function FindingList({ findings, placeWords, onSelect }: Props) {
  return (
    <section aria-label="What to mind" aria-live="polite" className="mt-4">
      <h2 className="border-t-2 border-ink pt-1 text-lg">
        {findings?.length === 0 ? 'Nothing against it' : 'What to mind'}
      </h2>
      <ul>
        {findings?.map((finding) => {
          const { rule, severity, text, frameId } = finding;
          const where = placeWords(finding);
          return (
            <li
              key={`${rule}${frameId}${finding.boxId}`}
              data-rule={rule}
              className="border-b border-line py-1.5 text-sm"
            >
              <b className={severity === 'stop' ? 'text-propolis' : 'text-willow'}>
                {severity === 'stop' ? '× Not allowed' : '! Take care'}
              </b>{' '}
              {where && frameId ? (
                <button type="button" className="underline" onClick={() => onSelect(frameId)}>
                  {where}
                </button>
              ) : (
                where
              )}
              {where ? '. ' : ' '}
              {boardWords(text)}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
