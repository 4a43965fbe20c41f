import Link from 'next/link';
import type { ReactNode } from 'react';
import { day } from '../../core/calendar/day';
import type { ColonyEntry, NamedColony } from '../../views/all-apiaries';
import { dayWords } from '../../words/days';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';

/** What a colony was called, and where it stood, until a day. */
export interface FormerPlace {
  readonly id: string;
  readonly name: string;
  readonly apiary: string;
  readonly stand: string;
  readonly until: string;
}

interface Props {
  readonly colony: ColonyEntry;
  /** Something is asked of it, so that there is a sheet to be made. */
  readonly isDue: boolean;
  /** What its scale says of the flow; null: it stands on none. */
  readonly flow: string | null;
  readonly parent: NamedColony | null;
  /** Colonies that were split from it. */
  readonly split: readonly NamedColony[];
  /** In order of time. */
  readonly former: readonly FormerPlace[];
}

/** Where it came from, what it was called, and what else can be done with it. */
export function AboutColony({ colony, isDue, flow, parent, split, former }: Props) {
  const at = `/colonies/${colony.id}`;
  return (
    <Row title="Colony" isHeading isBriefOnPhone brief={briefPhrases.colony}>
      {parent && (
        <p>
          Came from <ToColony colony={parent} />.
        </p>
      )}
      {split.length > 0 && (
        <p>
          Split from it:{' '}
          {split.map((child, i) => (
            <span key={child.id}>
              {i > 0 && ', '}
              <ToColony colony={child} />
            </span>
          ))}
          .
        </p>
      )}
      {former.map(({ id, name, apiary, stand, until }) => (
        <p key={id} className="text-muted text-sm">
          {`Until ${dayWords(day(until))}: ${[name, apiary, stand].filter(Boolean).join(', ')}.`}
        </p>
      ))}
      {colony.note && <p className="text-muted whitespace-pre-line">{colony.note}</p>}
      {flow && <p>{flow}</p>}
      <p className="flex flex-wrap gap-x-5">
        <Way to={`${at}/edit`}>Edit colony</Way>
        <Way to={`${at}/share`}>Page to share</Way>
        {isDue && <Way to={`/rounds/${colony.apiaryId}?hive=${colony.id}`}>Sheet for a helper</Way>}
        <Way to={`${at}/scale`}>{flow ? 'Scale' : 'Put it on a scale'}</Way>
        <Way to={`/apiaries/${colony.apiaryId}/weather`}>Weather here</Way>
      </p>
    </Row>
  );
}

const Way = ({ to, children }: { readonly to: string; readonly children: ReactNode }) => (
  <ButtonLink href={to} kind="quiet" className="min-h-11 py-3">
    {children}
  </ButtonLink>
);

const ToColony = ({ colony }: { readonly colony: NamedColony }) => (
  <Link prefetch={false} href={`/colonies/${colony.id}`}>
    {colony.name}
  </Link>
);
