import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { colonyOnDay } from '@/core/schedule/standing';
import { allSizes } from '@/core/settings/settings';
import { database } from '@/db/open';
import { loadFood } from '@/db/repositories/food';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, minuteOf, now } from '@/server/clock';
import { loadChanges, loadColony, loadQueenLines } from '@/server/colony-page';
import { loadCorrectionMoves } from '@/server/correction-moves';
import { dueAt } from '@/server/due-at';
import { formerOf } from '@/server/former-names';
import { loadNames } from '@/server/names';
import { neighboursOf } from '@/server/neighbours';
import { oneParam } from '@/server/one-param';
import { takenBackOf } from '@/server/programmes/taken-back';
import { meantInSeason, plannedYear } from '@/server/season-plan/season-plan-now';
import { ColonyPage } from '@/ui/colony/ColonyPage';
import { axisAround } from '@/ui/time/axis';
import { colonyView } from '@/views/colony-view';
import { foodNotes } from '@/views/food-view';
import { framesView } from '@/views/frames-view';
import { measuredNotes } from '@/views/measured-notes';
import { waysOutView } from '@/views/programme-view';
import { meantOf } from '@/views/season-plan-view';
import { queenIdIn } from '../../../core/queens/queen-questions';

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ looks?: string | string[] }>;
}

/** So many looks are on the page at first; the others are asked for. */
const LOOKS_AT_FIRST = 60;
/** So many entries of food and honey stand on the page. */
const FOOD_SHOWN = 6;

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: loadNames(database().db).colonies.find((colony) => colony.id === id)?.name ?? 'Colony' };
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const { today, minute } = await now();
  const zone = await deviceZone();
  const opened = database();
  const { db } = opened;
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  const { colony, apiary, facts, state, settings } = found;
  const isAll = oneParam((await searchParams).looks) === 'all';
  const all = loadApiaries(opened, today);
  const fed = loadFood(db);
  const names = new Map(loadNames(db).colonies.map(({ id: other, name }) => [other, name]));
  return (
    <ColonyPage
      colony={colony}
      apiary={apiary}
      view={colonyView(state, (other) => names.get(other) ?? '', isAll ? null : LOOKS_AT_FIRST)}
      notes={measuredNotes(colony, state, colonyOnDay(state.schedule, today), all.measured)}
      meant={meantOf(meantInSeason(opened, all, today, plannedYear(all, today)), id, today)}
      food={{
        last: fed
          .filter((entry) => entry.colonyId === id)
          .slice(-FOOD_SHOWN)
          .reverse(),
        asked: foodNotes(all, fed, today).find((note) => note.colonyId === id)?.words ?? null,
      }}
      isLooksOpen={isAll}
      looksInAll={state.inspections.length}
      axis={axisAround(today)}
      at={dueAt(db, colony, state)}
      minute={minute}
      waysOut={waysOutView(state, settings)}
      frames={framesView(state, facts.surveys, settings)}
      sizes={allSizes(settings)}
      corrected={loadCorrectionMoves(db, found)}
      takenBack={takenBackOf(db, id)}
      queens={loadQueenLines(db, id, queenIdIn(state.queen))}
      former={formerOf(db, colony.id)}
      {...loadChanges(db, id, (instant) => minuteOf(new Date(instant), zone))}
      {...neighboursOf(db, colony)}
    />
  );
}
