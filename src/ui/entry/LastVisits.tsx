import { Fragment } from 'react';
import type { VisitLine } from '../../words/visit-line';

/** What was seen last, with its note, in a line; the visits before it one tap away. */
export function LastVisits({ visits }: { readonly visits: readonly VisitLine[] }) {
  const [last, ...before] = visits;
  if (!last) return null;
  if (before.length === 0) {
    return (
      <p className="text-muted mt-2 text-sm">
        <Visit visit={last} />
      </p>
    );
  }
  return (
    <details className="text-muted mt-2 text-sm" aria-label="Last visits">
      <summary className="min-h-11 cursor-pointer list-none">
        <Visit visit={last} /> <span className="font-semibold underline">{`last ${visits.length}`}</span>
      </summary>
      {before.map((visit) => (
        <p key={visit.id} className="mt-1">
          <Visit visit={visit} />
        </p>
      ))}
    </details>
  );
}

const Visit = ({ visit: { words, note } }: { readonly visit: VisitLine }) => (
  <Fragment>
    {words}
    {note && <b>{` “${note}”`}</b>}
  </Fragment>
);
