'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { NamedColony } from '../../views/all-apiaries';
import type { HiveCard } from '../../views/hive-card';
import { Field } from '../controls/Field';
import { PrintButton } from '../controls/PrintButton';
import { PageHead } from '../time/PageHead';
import { BackToPaper } from './BackToPaper';

interface Props {
  readonly cards: readonly { readonly card: HiveCard; readonly code: string | null }[];
  readonly apiaries: readonly NamedColony[];
  /** Empty: all of them. */
  readonly apiaryId: string;
  readonly hasCodes: boolean;
}

/** A card for each hive's top, four to a sheet: what is not to be done there, why, and what comes next. */
export function HiveCardsPage({ cards, apiaries, apiaryId, hasCodes }: Props) {
  const router = useRouter();
  return (
    <>
      <div className="print:hidden">
        <PageHead title="Cards for the hive tops" />
        <p className="mt-2">
          <BackToPaper />
        </p>
        <p className="mt-1 max-w-prose">
          Four to a sheet, A4 or Letter, black and white. In a plastic bag under the stone they tell a helper what you
          would. Dates move with what is seen: print anew what you have inspected.
        </p>
        {!hasCodes && (
          <p className="text-muted mt-1 max-w-prose text-sm">
            Where Ubbet is open to your network (
            <Link prefetch={false} href="/phone">
              Your phone
            </Link>
            ) each card carries a code that leads to its colony.
          </p>
        )}
        <div className="mt-3 flex flex-wrap items-end gap-3">
          <Field name="Apiary" problem={null}>
            {(props) => (
              <select
                {...props}
                value={apiaryId}
                onChange={({ target }) => router.push(`/paper/cards?${new URLSearchParams({ apiary: target.value })}`)}
              >
                <option value="">all</option>
                {apiaries.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <PrintButton />
        </div>
      </div>
      {cards.length === 0 ? (
        <p className="mt-4">No colony stands there.</p>
      ) : (
        <ul className="hive-cards mt-4">
          {cards.map(({ card, code }) => (
            <Card key={card.colonyId} card={card} code={code} />
          ))}
        </ul>
      )}
    </>
  );
}

function Card({ card: { name, place, shutUntil, next, made }, code }: Props['cards'][number]) {
  return (
    <li className="hive-card flex flex-col border-2 border-ink p-3">
      <div className="flex justify-between gap-3">
        <div>
          <h2 className="text-2xl leading-tight">{name}</h2>
          <p className="text-sm">{place}</p>
        </div>
        {/* biome-ignore lint/performance/noImgElement: a code made here, nothing to be fetched or scaled */}
        {code && <img src={code} alt={`Code that leads to ${name}`} className="size-24 shrink-0" />}
      </div>
      {shutUntil && (
        <div className="mt-2 border-4 border-ink px-2 py-1">
          <p className="text-xl font-bold">{`Leave shut until ${shutUntil}, that day included`}</p>
          <p className="text-sm">Opening it earlier can lose the young queen.</p>
        </div>
      )}
      <h3 className="mt-3 text-base">Next</h3>
      {next.length === 0 ? (
        <p>Nothing is due.</p>
      ) : (
        <ul>
          {next.map(({ key, words, why }) => (
            <li key={key} className="mb-1">
              <b>{`${words}.`}</b> <span className="text-sm">{why}</span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-auto pt-2 text-sm">{`By whom ____________________ · as of ${made}`}</p>
    </li>
  );
}
