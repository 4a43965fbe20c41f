import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { fitFactsOf, NOTHING_SAID } from '@/core/colony/fit-facts';
import { fitOf } from '@/core/methods/fit';
import { METHODS } from '@/core/methods/methods';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { oneParam } from '@/server/one-param';
import { placeMeasured } from '@/server/place-of';
import { queenAges } from '@/server/queen-ages';
import { StartForm } from '@/ui/start/StartForm';
import { startView } from '@/views/start-view';

export const metadata: Metadata = { title: 'Start a method' };

interface Props {
  params: Promise<{ id: string; method: string }>;
  searchParams: Promise<{ cell?: string | string[]; begun?: string | string[] }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id, method: name } = await params;
  const asked = await searchParams;
  const cell = oneParam(asked.cell);
  const { today, minute } = await now();
  const opened = database();
  const method = METHODS.find((one) => one.name === name);
  const found = loadColony(opened, id, today);
  if (!found || !method || found.state.ended) notFound();
  const { colony, facts, state, settings } = found;
  const { flow, coldestNightC } = placeMeasured(opened, colony, found.flow, today);
  const fit = fitOf(method, fitFactsOf(state, flow, { ...NOTHING_SAID, coldestNightC }), settings);
  const view = startView(method.name, colony, state, fit, loadApiaries(opened, today), queenAges(opened.db));
  return (
    <StartForm
      view={view}
      facts={facts}
      today={formatDay(today)}
      now={minute}
      presetCell={cell}
      isBegun={oneParam(asked.begun) === 'yes'}
    />
  );
}
