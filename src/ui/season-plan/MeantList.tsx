import Link from 'next/link';
import type { MeantNow } from '../../views/season-plan-view';

/** What is meant for now by the plan of the season, and what of it gave way lately. It is no check. */
export function MeantList({
  meant,
  isOpen = false,
}: {
  readonly meant: readonly MeantNow[];
  readonly isOpen?: boolean;
}) {
  if (meant.length === 0) return null;
  return (
    <details className="mt-2 text-sm" open={isOpen}>
      <summary className="min-h-6 cursor-pointer font-semibold">
        {meant.length === 1 ? 'One thing of your season’s plan' : `${meant.length} things of your season’s plan`}
      </summary>
      <ul>
        {meant.map(({ colonyId, name, key, words, start }) => (
          <li key={`${colonyId} ${key}`} className="mt-1 max-w-prose">
            <Link prefetch={false} href={`/colonies/${colonyId}`} className="font-bold">
              {name}
            </Link>{' '}
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
        The whole plan
      </Link>
    </details>
  );
}
