import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { SwarmOutPage } from '@/ui/today/SwarmOutPage';
import { swarmOutView } from '@/views/swarm-out-view';

export const metadata: Metadata = { title: 'A swarm is out' };

export default async function Page() {
  const { today } = await now();
  return <SwarmOutPage view={swarmOutView(loadApiaries(database(), today), today)} />;
}
