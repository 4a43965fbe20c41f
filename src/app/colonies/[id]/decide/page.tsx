import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { fitFactsOf } from '@/core/methods/fit-facts';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { DecidePage } from '@/ui/decide/DecidePage';
import { axisAhead } from '@/ui/time/axis';
import { decideView } from '@/views/decide-view';
import { situationWords } from '@/views/situation-words';

export const metadata: Metadata = { title: 'Choices' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const found = loadColony(database().db, id, today);
  if (!found) notFound();
  const { colony, flow, state, settings } = found;
  return (
    <DecidePage
      colony={colony}
      situation={situationWords(state)}
      because={state.lastLook?.reading.because.map(({ text }) => text) ?? ['nothing has been entered yet']}
      view={decideView(state, fitFactsOf(state, flow), settings)}
      axis={axisAhead(today)}
    />
  );
}
