import Link from 'next/link';
import type { MeantNow } from '../../views/season-plan-view';

/** What is meant with one colony this season, each with its day; begun from here when its time has come. */
export function MeantHere({ meant }: { readonly meant: readonly MeantNow[] }) {
  if (meant.length === 0) return null;
  return (
    <section aria-label="Planned for this season" className="mt-2 border-l-4 border-dashed border-line pl-3 text-sm">
      <h2 className="text-sm font-bold">Planned for this season</h2>
      <ul>
        {meant.map(({ key, words, start }) => (
          <li key={key} className="max-w-prose">
            {words}{' '}
            {start && (
              <Link prefetch={false} href={start} className="inline-block min-h-6 font-semibold">
                Start it
              </Link>
            )}
          </li>
        ))}
      </ul>
      <Link prefetch={false} href="/season/plan" className="inline-block min-h-6">
        Change the plan
      </Link>
    </section>
  );
}
