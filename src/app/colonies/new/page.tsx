import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { v7 as newId } from 'uuid';
import { formatDay } from '@/core/calendar/day';
import { COLONY_ORIGINS } from '@/core/colony/facts';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadNames } from '@/server/names';
import { oneParam } from '@/server/one-param';
import { ColonyForm } from '@/ui/forms/ColonyForm';
import { methodSaid } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'Add a colony' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ apiary?: string | string[]; origin?: string | string[] }>;
}) {
  const params = await searchParams;
  const [apiary, asked] = [oneParam(params.apiary), oneParam(params.origin)];
  const origin = COLONY_ORIGINS.find((one) => one === asked) ?? 'established';
  const today = formatDay((await now()).today);
  const { apiaries, colonies } = loadNames(database().db);
  const [first] = apiaries;
  if (!first) redirect('/start');
  const apiaryId = apiaries.find(({ id }) => id === apiary)?.id ?? first.id;
  const colony = {
    id: newId(),
    apiaryId,
    name: '',
    stand: '',
    origin,
    parentColonyId: null,
    startedOn: today,
    endedOn: null,
    note: '',
    wanted: 'nothing',
  } as const;
  return (
    <ColonyForm
      swarmSteps={methodSaid('hive-swarm').steps}
      colony={colony}
      isNew
      apiaries={apiaries}
      others={colonies}
      today={today}
    />
  );
}
