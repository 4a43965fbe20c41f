import Link from 'next/link';
import type { WayOutView } from '../../views/programme-view';
import { BUTTON } from '../controls/styles';

/** Where it has not come to a laying queen: each way on, and what it costs in days. */
export function WaysOut({
  colonyId,
  colonyName,
  ways,
}: {
  colonyId: string;
  colonyName: string;
  ways: readonly WayOutView[];
}) {
  return (
    <section aria-label="Ways on" className="mt-4 border-l-4 border-propolis pl-4">
      <h2 className="text-lg">Next for {colonyName}</h2>
      <ul>
        {ways.map(({ method, title, cost }) => (
          <li key={method} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1.5">
            <span className="min-w-60 flex-1 leading-tight">
              <b>{title}</b>
              <span className="block text-sm">{cost}</span>
            </span>
            <Link
              prefetch={false}
              href={`/colonies/${colonyId}/start/${method}`}
              className={BUTTON.plain}
              aria-label={`See the dates: ${title}`}
            >
              Plan it
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
