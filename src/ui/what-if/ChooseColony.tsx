import Link from 'next/link';
import type { Day } from '../../core/calendar/day';
import type { NamedColony } from '../../views/all-apiaries';
import { WHAT_IF_HEAD, WHAT_IT_IS } from '../../words/what-if';
import { Views } from '../frame/Views';
import { axisAround } from '../time/axis';
import { RulerHead } from '../time/RulerHead';

/** Of which colony? */
export function ChooseColony({ colonies, today }: { readonly colonies: readonly NamedColony[]; readonly today: Day }) {
  return (
    <>
      <RulerHead axis={axisAround(today)} title={WHAT_IF_HEAD} below={WHAT_IT_IS} />
      <Views of="season" />
      <p className="mt-4 font-semibold">{colonies.length === 0 ? 'There is no colony yet.' : 'For which colony?'}</p>
      <ul className="mt-1 max-w-prose">
        {colonies.map(({ id, name }) => (
          <li key={id} className="border-b border-line">
            <Link
              prefetch={false}
              href={`/season/what-if?colony=${id}`}
              className="flex min-h-11 items-center font-semibold"
            >
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
