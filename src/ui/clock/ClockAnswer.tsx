import type { ClockView } from '../../views/clock-view';
import { TimeStrip } from '../time/TimeStrip';

/** The dates, the days they stand under, and what each thing seen contributed. */
export function ClockAnswer({ view }: { view: ClockView }) {
  const { headline, lines, conflict, because, marks, axis } = view;
  return (
    <section aria-label="Dates" aria-live="polite">
      <h2 className={`text-2xl ${conflict ? 'text-propolis' : 'text-willow'}`}>{headline}</h2>
      {conflict && <p className="mt-1 font-semibold">{conflict}</p>}
      <dl className="mt-3 grid grid-cols-3 gap-4">
        {lines.map(({ name, words, likely }) => (
          <div key={name} data-answer={name}>
            <dt className="text-muted text-sm">{name}</dt>
            <dd className="font-display text-xl leading-tight font-bold">{words}</dd>
            {likely && <dd className="text-sm">{likely}</dd>}
          </div>
        ))}
      </dl>
      <TimeStrip axis={axis} marks={marks} name="The cell" />
      <h3 className="text-muted mt-4 text-sm">Because</h3>
      <ul className="text-sm">
        {because.map((line) => (
          <li key={line} className="before:mr-2 before:content-['–']">
            {line}
          </li>
        ))}
      </ul>
      <p className="text-muted mt-4 max-w-prose text-sm">
        Queens take 16 days from egg to emergence, give or take one; warmth and feeding shift it. Plan danger by the
        first day of a span, patience by the last. Copy the address of this page to send it to somebody.
      </p>
    </section>
  );
}
