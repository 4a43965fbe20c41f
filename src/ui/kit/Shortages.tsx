import type { ShortageLine } from '../../views/kit-view';

interface Props {
  readonly lines: readonly ShortageLine[];
  readonly title: string;
  /** Said where there is none; absent: nothing is. */
  readonly empty?: string;
}

/** What does not lie where it is needed: what there is none of first. */
export function Shortages({ lines, title, empty }: Props) {
  if (lines.length === 0) return empty === undefined ? null : <p className="mt-3">{empty}</p>;
  return (
    <section aria-label={title} className="mt-3">
      <h2 className="text-base font-bold">{title}</h2>
      <ul className="grid gap-x-8 text-sm wide:grid-cols-2">
        {lines.map(({ key, words, why, ways, isOpen }) => (
          <li key={key} className={`mt-1 max-w-prose border-l-4 pl-2.5 ${isOpen ? 'border-propolis' : 'border-line'}`}>
            <b>{words}</b> {ways.join(' ')}
            <span className="text-muted"> For {why}.</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
