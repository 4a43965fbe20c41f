import type { WayOutView } from '../../views/programme-view';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';

interface Props {
  readonly colonyId: string;
  /** Where other colonies stand on the page too; there it is open from the first. */
  readonly colonyName?: string;
  readonly ways: readonly WayOutView[];
}

/** Where it has not come to a laying queen: each way on, and what it costs in days. */
export function WaysOut({ colonyId, colonyName, ways }: Props) {
  const title = colonyName === undefined ? 'Ways on' : `Ways on for ${colonyName}`;
  return (
    <Row
      title={briefPhrases.counted(title, ways.length)}
      isHeading
      isBriefOnPhone
      brief={ways[0]?.title}
      {...(colonyName === undefined ? {} : { isOpen: true })}
    >
      <ul>
        {ways.map(({ method, title: name, cost }) => (
          <li key={method} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1.5">
            <span className="min-w-60 flex-1 leading-tight">
              <b>{name}</b>
              <span className="block text-sm">{cost}</span>
            </span>
            <ButtonLink
              kind="plain"
              href={`/colonies/${colonyId}/start/${method}`}
              aria-label={`See the dates: ${name}`}
            >
              Plan it
            </ButtonLink>
          </li>
        ))}
      </ul>
    </Row>
  );
}
