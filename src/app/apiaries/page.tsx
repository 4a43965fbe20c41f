import type { Metadata } from 'next';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadYard } from '@/server/yard';
import { ApiariesPage } from '@/ui/apiaries/ApiariesPage';
import { axisAround } from '@/ui/time/axis';
import { apiariesView } from '@/views/apiaries-view';

export const metadata: Metadata = { title: 'Apiaries' };

export default async function Page() {
  const { today } = await now();
  return <ApiariesPage apiaries={apiariesView(loadYard(database(), today), today)} axis={axisAround(today)} />;
}
