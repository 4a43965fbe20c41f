import type { Metadata } from 'next';
import { minutesByKind } from '@/core/rounds/work';
import { yearAt } from '@/core/settings/settings';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { oneParam } from '@/server/one-param';
import { placeMeasured } from '@/server/place-of';
import { queenAges } from '@/server/queen-ages';
import { learnedMinutesNow } from '@/server/rounds/asked-now';
import { ChooseColony } from '@/ui/what-if/ChooseColony';
import { WhatIfPage } from '@/ui/what-if/WhatIfPage';
import { whatIfView } from '@/views/what-if-view';
import { queenIdIn } from '../../../core/queens/queen-questions';

export const metadata: Metadata = { title: 'What if' };

interface Props {
  readonly searchParams: Promise<{ readonly colony?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const { today } = await now();
  const opened = database();
  const { colonies } = loadApiaries(opened, today);
  const list = colonies.map(({ colony: { id, name } }) => ({ id, name }));
  const id = oneParam((await searchParams).colony);
  const found = id ? loadColony(opened, id, today) : null;
  if (!found || found.state.ended) return <ChooseColony colonies={list} today={today} />;
  const { colony, apiary, state, settings } = found;
  const queenId = queenIdIn(state.queen);
  const view = whatIfView(
    {
      colony: { id: colony.id, name: colony.name },
      state,
      settings,
      year: yearAt(apiary, settings),
      flow: placeMeasured(opened, colony, found.flow, today).flow,
      emerged: queenId === null ? null : (queenAges(opened.db).get(queenId) ?? null),
    },
    today,
  );
  return (
    <WhatIfPage
      key={colony.id}
      view={view}
      colonies={list}
      settings={settings}
      minutes={minutesByKind(settings.workMinutes, learnedMinutesNow(opened.db))}
    />
  );
}
