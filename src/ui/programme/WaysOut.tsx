import type { WayOutView } from '../../views/programme-view';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';

/** Where it has not come to a laying queen: each way on, and what it costs in days. */
export function WaysOut({ colonyId, ways }: { readonly colonyId: string; readonly ways: readonly WayOutView[] }) {
  return (
    <Row title={briefPhrases.counted('Ways on', ways.length)} isHeading isBriefOnPhone brief={ways[0]?.title}>
      <ul>
        {ways.map(({ method, title, cost }) => (
          <li key={method} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1.5">
            <span className="min-w-60 flex-1 leading-tight">
              <b>{title}</b>
              <span className="block text-sm">{cost}</span>
            </span>
            <ButtonLink
              kind="plain"
              href={`/colonies/${colonyId}/start/${method}`}
              aria-label={`See the dates: ${title}`}
            >
              Plan it
            </ButtonLink>
          </li>
        ))}
      </ul>
    </Row>
  );
}
