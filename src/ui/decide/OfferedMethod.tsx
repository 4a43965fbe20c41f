import type { MethodOffered } from '../../views/choices-view';
import { capital } from '../../words/capital';

interface Props {
  readonly method: MethodOffered;
  /** What of its kit is not at hand. */
  readonly short: readonly string[];
}

/** What a method asks for and what becomes of it where it fails, for who opens it. */
export function OfferedMethod({ method: { missing, kit, lifting, needsQueen, ifItFails, schools }, short }: Props) {
  return (
    <>
      {[...short, ...missing].map((words) => (
        <p key={words} className="text-propolis mt-1 text-sm font-semibold">
          {capital(words)}
        </p>
      ))}
      <dl className="mt-2 grid grid-cols-[6rem_1fr] gap-x-3 gap-y-1 text-sm">
        <dt className="text-muted">Bring</dt>
        <dd>{kit.join(', ')}</dd>
        <dt className="text-muted">Queen</dt>
        <dd>{needsQueen ? 'has to be found' : 'need not be found'}</dd>
        {lifting && (
          <>
            <dt className="text-muted">Lifting</dt>
            <dd>{lifting}</dd>
          </>
        )}
        <dt className="text-muted">If it fails</dt>
        <dd>{ifItFails}</dd>
        {schools.length > 0 && (
          <>
            <dt className="text-muted">Keepers differ</dt>
            <dd>{schools.join(' ')}</dd>
          </>
        )}
      </dl>
    </>
  );
}
