import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { kitNow } from '@/server/kit/kit-now';
import { fortnightNow } from '@/server/rounds/fortnight-now';
import { KitPage } from '@/ui/kit/KitPage';
import { kitView } from '@/views/kit-view';

export const metadata: Metadata = { title: 'Kit' };

export default async function Page() {
  const at = await now();
  const opened = database();
  const all = loadApiaries(opened, at.today);
  const planned = await fortnightNow(opened, all, at, zoneBy(await deviceZone())).answer;
  return <KitPage view={kitView(all, kitNow(opened, all, at.today, planned), at.today)} minute={at.minute} />;
}
