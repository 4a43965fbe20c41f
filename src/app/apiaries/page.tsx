import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { ApiariesPage } from '@/ui/apiaries/ApiariesPage';
import { axisAround } from '@/ui/time/axis';
import { apiariesView } from '@/views/apiaries-view';

export const metadata: Metadata = { title: 'Apiaries' };

export default async function Page() {
  const { today } = await now();
  return <ApiariesPage apiaries={apiariesView(loadApiaries(database(), today), today)} axis={axisAround(today)} />;
}
