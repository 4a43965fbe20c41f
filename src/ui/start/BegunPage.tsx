import Link from 'next/link';
import type { NamedColony } from '../../views/all-apiaries';
import type { HandbookList } from '../../views/handbook';
import { PageHead } from '../time/PageHead';

/** Which method is under way in a colony that came into the book in the middle of it? */
export function BegunPage({ colony, lists }: { colony: NamedColony; lists: readonly HandbookList[] }) {
  return (
    <>
      <PageHead title={`What is under way in ${colony.name}?`} below="Choose what was begun; the day comes next." />
      <p className="mt-2 max-w-prose text-sm">
        Enter a split at the hive that it was made from: the part that became a hive of its own is named there.
      </p>
      {lists.map(({ kind, methods }) => (
        <section key={kind} aria-label={kind} className="mt-4 max-w-3xl">
          <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">{kind}</h2>
          <ul>
            {methods.map(({ name, title, fitsWhen }) => (
              <li key={name} className="border-b border-line py-1">
                <Link
                  prefetch={false}
                  href={`/colonies/${colony.id}/start/${name}?begun=yes`}
                  className="flex min-h-11 flex-col justify-center"
                >
                  <b>{title}</b>
                </Link>
                <p className="text-muted text-sm">{fitsWhen}</p>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
