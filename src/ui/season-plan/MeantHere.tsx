import Link from 'next/link';
import type { MeantNow } from '../../views/season-plan-view';
import { Row } from '../controls/Row';

/** What is meant with one colony this season, each with its day; begun from here when its time has come. */
export function MeantHere({ meant }: { readonly meant: readonly MeantNow[] }) {
  const [first] = meant;
  if (!first) return null;
  return (
    <Row title="Season plan" isHeading isBriefOnPhone brief={first.words}>
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
    </Row>
  );
}
