import type { VerdictView } from '../../views/verdict-view';

interface Props {
  readonly verdict: VerdictView;
  /** Say only the headline, the date and what tells most. */
  readonly short: boolean;
}

/** What the entry means so far and by when to be back, reckoned anew with every tap. */
export function Verdict({ verdict: { reading, next }, short }: Props) {
  return (
    <div aria-live="polite" data-testid={short ? 'verdict' : undefined}>
      <p className="font-display text-willow text-xl leading-tight font-bold">{reading?.title ?? 'Nothing seen yet'}</p>
      {next && <p className="font-bold">{next.words}</p>}
      {reading?.doubt && <p className="text-propolis font-semibold">{reading.doubt}</p>}
      {short && reading && <p className="text-sm">{[reading.because[0], reading.cause].filter(Boolean).join(' · ')}</p>}
      {!short && (
        <>
          {reading && <p className="mt-1">{reading.advice}</p>}
          {next && next.why !== reading?.advice && <p className="mt-1 text-sm">{next.why}</p>}
          <h3 className="text-muted mt-3 text-sm">Because</h3>
          <ul className="text-muted text-sm">
            {reading?.because.map((text) => (
              <li key={text} className="before:mr-2 before:content-['–']">
                {text}
              </li>
            ))}
            {reading?.cause && <li className="before:mr-2 before:content-['–']">{reading.cause}</li>}
          </ul>
          {reading && <p className="text-muted mt-1 text-sm">This would change it: {reading.wouldChange}</p>}
        </>
      )}
    </div>
  );
}
