import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { yearOf } from '@/core/calendar/day';
import { METHODS } from '@/core/methods/methods';
import { allSizes } from '@/core/settings/settings';
import { movesFrames } from '@/core/space/proposals/propose';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { loadFrames } from '@/server/frames/load-frames';
import { FramesPage } from '@/ui/frames/FramesPage';
import { NotSurveyed } from '@/ui/frames/NotSurveyed';
import { axisAround } from '@/ui/time/axis';
import { actsThen, framesCourse } from '@/views/frames-course';
import { framesView } from '@/views/frames-view';
import { methodTitle } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'Frames' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const { db } = opened;
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  const { colony, apiary, facts, state, settings } = found;
  const view = framesView(state, facts.surveys, settings);
  if (!view || !state.frames) return <NotSurveyed colony={colony} title="Not surveyed yet" />;
  const changes = framesCourse(facts.surveys, allSizes(settings));
  return (
    <FramesPage
      colony={colony}
      place={[apiary.name, colony.stand].filter(Boolean).join(', ')}
      view={view}
      course={state.frames.room.course}
      changes={changes}
      acts={actsThen(changes, state.parts)}
      axis={axisAround(today)}
      sizes={allSizes(settings)}
      methods={METHODS.filter(({ name }) => movesFrames(name)).map(({ name }) => ({ name, title: methodTitle(name) }))}
      year={yearOf(today)}
      {...loadFrames(db, id, view.hive)}
    />
  );
}
