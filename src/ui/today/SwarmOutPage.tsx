import Link from 'next/link';
import type { SwarmOutView, SwarmSuspect } from '../../views/swarm-out-view';
import { swarmOutPhrases } from '../../words/pages/swarm-out';
import { ButtonLink } from '../controls/Button';
import { PageHead } from '../time/PageHead';

/** A swarm is out: whose may it be, what is brought, what comes next? */
export function SwarmOutPage({ view: { apiaries } }: { readonly view: SwarmOutView }) {
  return (
    <>
      <PageHead
        title="A swarm is out"
        below="Whose may it be, what to bring, and which hives come next."
        isSticky={false}
      />
      <div className="grid gap-x-8 wide:grid-cols-[1fr_minmax(0,26rem)]">
        <div>
          {apiaries.map(({ id, name, weather, hives }) => (
            <section key={id} aria-label={name} className="mt-3 max-w-2xl">
              <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">{name}</h2>
              {weather && <p className="text-propolis mt-1 text-sm font-semibold">{weather}</p>}
              <ul>
                {hives
                  .filter(({ isLikely }) => isLikely)
                  .map((hive) => (
                    <Suspect key={hive.colonyId} hive={hive} />
                  ))}
              </ul>
              {hives.some(({ isLikely }) => !isLikely) && (
                <details>
                  <summary className="min-h-11 cursor-pointer py-2 text-sm font-semibold">
                    {hives.some(({ isLikely }) => isLikely) ? 'Others here' : 'Nothing speaks for one of these'}
                  </summary>
                  <ul>
                    {hives
                      .filter(({ isLikely }) => !isLikely)
                      .map((hive) => (
                        <Suspect key={hive.colonyId} hive={hive} />
                      ))}
                  </ul>
                </details>
              )}
            </section>
          ))}
        </div>
        <div className="mt-3">
          <h2 className="text-lg">Bring</h2>
          <ul className="list-disc pl-5 text-sm">
            {swarmOutPhrases.bring.map((thing) => (
              <li key={thing}>{thing}</li>
            ))}
          </ul>
          <p className="text-propolis mt-2 border-l-4 border-propolis pl-3 text-sm font-semibold">
            {swarmOutPhrases.caution}
          </p>
          <h2 className="mt-4 text-lg">Then</h2>
          <p className="text-sm">{swarmOutPhrases.next}</p>
          <p className="mt-2">
            <Link prefetch={false} href="/methods/hive-swarm" className="inline-flex min-h-11 items-center">
              How a swarm is hived
            </Link>
          </p>
          <p>
            <ButtonLink href="/colonies/new" kind="plain">
              Hived it: add the colony
            </ButtonLink>
          </p>
        </div>
      </div>
    </>
  );
}

function Suspect({ hive: { colonyId, name, stand, why, kind } }: { readonly hive: SwarmSuspect }) {
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 border-b border-line py-1.5">
      <span className="min-w-0 flex-1 max-wide:basis-full">
        <Link prefetch={false} href={`/colonies/${colonyId}`} className="font-display text-lg font-bold">
          {name}
        </Link>{' '}
        <span className="text-muted text-sm">{stand}</span>
        <span className="block text-sm">{why.join(' ')}</span>
      </span>
      <Link
        prefetch={false}
        href={`/colonies/${colonyId}/queen?kind=${kind}`}
        className="inline-flex min-h-11 items-center text-sm font-bold"
        aria-label={`It came from ${name}`}
      >
        it came from here
      </Link>
      <Link
        prefetch={false}
        href={`/colonies/${colonyId}/inspect`}
        className="inline-flex min-h-11 items-center text-sm"
        aria-label={`Enter an inspection of ${name}`}
      >
        inspect
      </Link>
    </li>
  );
}
