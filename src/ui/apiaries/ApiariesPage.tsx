import Link from 'next/link';
import type { ApiaryLine } from '../../views/apiaries-view';
import { ButtonLink } from '../controls/Button';
import { Views } from '../frame/Views';
import type { Axis } from '../time/axis';
import { LidGlyph } from '../time/LidGlyph';
import { RulerHead } from '../time/RulerHead';

/** Where do the hives stand, and what does the weather allow there? */
export function ApiariesPage({ apiaries, axis }: { readonly apiaries: readonly ApiaryLine[]; readonly axis: Axis }) {
  return (
    <>
      <RulerHead axis={axis} title={apiaries.length === 1 ? 'One apiary' : `${apiaries.length} apiaries`} />
      <Views of="apiaries" />
      <ul>
        {apiaries.map((apiary) => (
          <Line key={apiary.id} apiary={apiary} />
        ))}
      </ul>
      <p className="mt-5">
        <ButtonLink href="/apiaries/new" kind="plain">
          Add an apiary
        </ButtonLink>
      </p>
    </>
  );
}

function Line({ apiary: { id, name, note, colonies, today, scales } }: { readonly apiary: ApiaryLine }) {
  return (
    <li className="lane">
      <div className="lane-words py-3">
        <h2 className="text-lg">{name}</h2>
        {note && <p className="text-muted text-sm">{note}</p>}
        <p className="mt-1 flex flex-wrap items-center gap-x-5">
          <Link
            prefetch={false}
            href={`/apiaries/${id}/weather`}
            className="inline-flex min-h-11 items-center gap-2 font-bold"
          >
            Weather
          </Link>
          <Link
            prefetch={false}
            href={`/apiaries/${id}/map`}
            className="inline-flex min-h-11 items-center"
            aria-label={`Map of ${name}`}
          >
            Map
          </Link>
          <Link
            prefetch={false}
            href={`/apiaries/${id}/year`}
            className="inline-flex min-h-11 items-center"
            aria-label={`Days of the year at ${name}`}
          >
            Days of its year
          </Link>
          <Link prefetch={false} href={`/rounds/${id}`} className="inline-flex min-h-11 items-center">
            Round sheet
          </Link>
          <ButtonLink href={`/colonies/new?apiary=${id}`} kind="quiet" className="inline-flex min-h-11 items-center">
            Add a colony
          </ButtonLink>
          <ButtonLink href={`/apiaries/${id}`} kind="quiet" className="inline-flex min-h-11 items-center">
            Edit
          </ButtonLink>
        </p>
      </div>
      <div className="py-3 wide:pl-2">
        {today && (
          <p className="flex items-baseline gap-2 font-semibold">
            <LidGlyph fit={today.fit} className="w-5 shrink-0" />
            {`Today: ${today.words}`}
          </p>
        )}
        {scales.map(({ colonyId, name: colony, words }) => (
          <p key={colonyId}>
            <Link prefetch={false} href={`/colonies/${colonyId}/scale`}>{`Scale of ${colony}`}</Link>
            {`: ${words}`}
          </p>
        ))}
        <p className="mt-1 text-sm">
          {colonies.length === 0
            ? 'No colony stands here.'
            : colonies.map(({ id: colonyId, name: colony }, i) => (
                <span key={colonyId}>
                  {i > 0 && ', '}
                  <Link prefetch={false} href={`/colonies/${colonyId}`}>
                    {colony}
                  </Link>
                </span>
              ))}
        </p>
      </div>
    </li>
  );
}
