import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { fitFactsOf } from '@/core/colony/fit-facts';
import { fitOf } from '@/core/methods/fit';
import { ALL_METHOD_NAMES } from '@/core/methods/method';
import { methodNamed } from '@/core/methods/methods';
import { allSizes, roomFigures } from '@/core/settings/settings';
import { movesFrames } from '@/core/space/proposals/propose';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { runsAlready } from '@/server/frames/frame-plans';
import { placeMeasured } from '@/server/place-of';
import { queenAges } from '@/server/queen-ages';
import { BoardPage } from '@/ui/board/BoardPage';
import { NotSurveyed } from '@/ui/frames/NotSurveyed';
import { framesView, otherHives } from '@/views/frames-view';
import { startView } from '@/views/start-view';
import { methodTitle } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'Frame board' };

export default async function Page({ params }: { params: Promise<{ id: string; method: string }> }) {
  const { id, method: wanted } = await params;
  const { today } = await now();
  const opened = database();
  const found = loadColony(opened, id, today);
  const method = ALL_METHOD_NAMES.find((name) => name === wanted);
  if (!found || !method || !movesFrames(method)) notFound();
  const { colony, state, facts, settings } = found;
  const { flow: mainFlow, coldestNightC } = placeMeasured(opened, colony, found.flow, today);
  const title = methodTitle(method);
  const view = framesView(state, facts.surveys, settings);
  if (!view) return <NotSurveyed colony={colony} title={title} />;
  const { areCounted, flow, wouldLayPerDay, hive, knownFrom, queenFrameId, keptCellFrames, cellFrames, coveredSeams } =
    view;
  const yard = loadApiaries(opened, today);
  const isRunning = runsAlready(opened.db, { method, colonyId: id, on: formatDay(today) });
  const definition = methodNamed(method);
  const fit = fitOf(definition, fitFactsOf(state, mainFlow), settings);
  const start = isRunning ? null : startView(method, colony, state, fit, yard, queenAges(opened.db));
  return (
    <BoardPage
      colony={{ id, name: colony.name }}
      method={method}
      title={title}
      hive={hive}
      knownFrom={knownFrom}
      queenFrameId={queenFrameId}
      keptCellFrames={keptCellFrames}
      cellFrames={cellFrames}
      coveredSeams={coveredSeams}
      areCounted={areCounted}
      flow={flow}
      nectarKg={roomFigures(settings).nectarKg}
      wouldLayPerDay={wouldLayPerDay}
      start={start}
      others={otherHives(yard, colony)}
      isSuspected={yard.apiaries.some((one) => one.id === colony.apiaryId && one.diseaseSuspectedSince !== null)}
      sizes={allSizes(settings)}
      usual={{ brood: settings.broodSize, super: settings.superSize }}
      coldestNightC={coldestNightC}
      warmNightC={settings.interleaveNightC}
      sharesStores={definition.sharesStores === true}
      emptyInNest={definition.nestAlone === true}
      onlySealedUpBelowC={settings.onlySealedUpNightC}
      today={formatDay(today)}
    />
  );
}
