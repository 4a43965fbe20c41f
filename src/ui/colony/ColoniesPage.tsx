import Link from 'next/link';
import type { NamedColony } from '../../views/all-apiaries';
import type { ApiaryGroup } from '../../views/colonies-view';
import { methodTitle } from '../../words/methods/methods';
import { unreckonedPhrases } from '../../words/pages/unreckoned';
import { ButtonLink } from '../controls/Button';
import { PutBack } from '../controls/PutBack';
import { Views } from '../frame/Views';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { TimeStrip } from '../time/TimeStrip';
import { TONE_TEXT } from '../time/tones';
import { LanesOrTable } from './LanesOrTable';

interface Props {
  readonly groups: readonly ApiaryGroup[];
  /** Taken out of the records, and to be put back. */
  readonly takenOut: readonly NamedColony[];
  readonly axis: Axis;
}

/** All colonies by apiary, with when each was looked at. */
export function ColoniesPage({ groups, takenOut, axis }: Props) {
  const count = groups.reduce((sum, { colonies, unreckoned }) => sum + colonies.length + unreckoned.length, 0);
  return (
    <>
      <RulerHead
        axis={axis}
        title={`${count} ${count === 1 ? 'colony' : 'colonies'}`}
        below="Rings are the inspections of the last week."
      />
      <Views of="colonies" />
      <LanesOrTable groups={groups}>
        {groups.map(({ apiary, colonies, unreckoned }) => (
          <section key={apiary.id} aria-label={apiary.name} className="mt-3">
            <h2 className="flex items-baseline gap-4 bg-ink px-2.5 py-0.5 text-sm text-white">
              {apiary.name}
              <Link
                prefetch={false}
                href={`/apiaries/${apiary.id}`}
                className="ml-auto font-sans font-normal underline"
              >
                edit
              </Link>
              <Link
                prefetch={false}
                href={`/colonies/new?apiary=${apiary.id}`}
                className="font-sans font-normal underline"
              >
                add a colony
              </Link>
            </h2>
            <ul>
              {colonies.map(({ id, name, stand, reading, due, tone, marks }) => (
                <li key={id} className="lane">
                  <div className="lane-words py-1.5">
                    <p className="flex items-baseline gap-2">
                      <Link
                        prefetch={false}
                        href={`/colonies/${id}`}
                        className="font-display text-lg font-bold no-underline hover:underline"
                      >
                        {name}
                      </Link>
                      <span className="text-muted text-sm">{stand}</span>
                    </p>
                    <p className="text-sm">
                      <b>{reading}.</b> {due && <b className={TONE_TEXT[tone]}>{due}</b>}
                    </p>
                  </div>
                  <TimeStrip axis={axis} marks={marks} name={name} />
                </li>
              ))}
            </ul>
            {unreckoned.map(({ id, name }) => (
              <p key={id} className="py-2">
                <Link
                  prefetch={false}
                  href={`/colonies/${id}/entries`}
                  className="font-display text-lg font-bold no-underline hover:underline"
                >
                  {name}
                </Link>{' '}
                <b className="text-propolis text-sm">{unreckonedPhrases.short}</b>
              </p>
            ))}
            {colonies.length + unreckoned.length === 0 && <p className="text-muted py-2">No colony stands here.</p>}
          </section>
        ))}
      </LanesOrTable>
      <p className="mt-6">
        <ButtonLink href="/colonies/new/several" kind="plain">
          Add several hives
        </ButtonLink>{' '}
        <ButtonLink href="/apiaries/new" kind="plain">
          Add an apiary
        </ButtonLink>{' '}
        <ButtonLink href="/colonies/new?origin=prime-swarm" kind="plain">
          {methodTitle('hive-swarm')}
        </ButtonLink>
      </p>
      {takenOut.length > 0 && (
        <section aria-label="Taken out" className="mt-6 text-sm">
          <h2 className="border-t border-line pt-2 text-base">Taken out of the records</h2>
          <ul>
            {takenOut.map(({ id, name }) => (
              <li key={id}>
                {name} <PutBack path={`/api/colonies/${id}`} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
