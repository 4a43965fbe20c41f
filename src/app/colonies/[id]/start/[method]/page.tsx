import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { fitFactsOf, NOTHING_SAID } from '@/core/colony/fit-facts';
import { fitOf } from '@/core/methods/fit';
import { METHODS } from '@/core/methods/methods';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { kitForStart } from '@/server/kit/kit-now';
import { oneParam } from '@/server/one-param';
import { placeMeasured } from '@/server/place-of';
import { queenAges } from '@/server/queen-ages';
import { fortnightNow } from '@/server/rounds/fortnight-now';
import { soon } from '@/server/rounds/soon';
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
  const at = await now();
  const { today, minute } = at;
  const opened = database();
  const method = METHODS.find((one) => one.name === name);
  const found = loadColony(opened, id, today);
  if (!found || !method || found.state.ended) notFound();
  const { colony, facts, state, settings } = found;
  const { flow, coldestNightC } = placeMeasured(opened, colony, found.flow, today);
  const fit = fitOf(method, fitFactsOf(state, flow, { ...NOTHING_SAID, coldestNightC }), settings);
  const all = loadApiaries(opened, today);
  const view = startView(method.name, colony, state, fit, all, queenAges(opened.db));
  const settled = await soon(fortnightNow(opened, all, at, zoneBy(await deviceZone())).answer);
  // Without the rounds nobody knows how it gets there.
  const kit = settled ? kitForStart(opened, all, today, settled, { colonyId: id, method: method.name }) : [];
  return (
    <StartForm
      view={view}
      facts={facts}
      today={formatDay(today)}
      now={minute}
      kit={kit}
      presetCell={cell}
      isBegun={oneParam(asked.begun) === 'yes'}
    />
  );
}
