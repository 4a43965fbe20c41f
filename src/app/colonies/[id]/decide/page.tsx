import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { fitFactsOf, type PlaceFacts } from '@/core/colony/fit-facts';
import { situationOf } from '@/core/colony/situation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { nightOf } from '@/server/night-of';
import { oneParam } from '@/server/one-param';
import { placeMeasured } from '@/server/place-of';
import { DecidePage } from '@/ui/decide/DecidePage';
import { axisAhead } from '@/ui/time/axis';
import { decideView } from '@/views/decide-view';
import { inWords } from '@/words/in-words';

export const metadata: Metadata = { title: 'Choices' };

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ night?: string | string[]; stand?: string | string[] }>;
}

/** What the keeper says of the place, from the page's address; where he says nothing of the nights they are as the weather page has them. */
function placeOf({ night, stand }: Awaited<Props['searchParams']>, knownC: number | null): PlaceFacts {
  return {
    coldestNightC: nightOf(night) ?? knownC,
    secondStand: oneParam(stand) === 'yes' ? true : oneParam(stand) === 'no' ? false : null,
  };
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  const { colony, facts, state, settings } = found;
  const { coldestNightC: knownC, flow, flowWords } = placeMeasured(opened, colony, found.flow, today);
  const place = placeOf(await searchParams, knownC);
  return (
    <DecidePage
      colony={colony}
      situation={inWords(situationOf(state))}
      because={
        state.lastInspection?.reading.because.map(({ text }) => inWords(text)) ?? ['nothing has been entered yet']
      }
      view={decideView(state, facts, fitFactsOf(state, flow, place), settings)}
      axis={axisAhead(today)}
      place={place}
      knownC={knownC}
      flow={flowWords}
    />
  );
}
