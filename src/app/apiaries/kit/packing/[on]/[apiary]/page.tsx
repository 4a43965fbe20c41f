import type { Metadata } from 'next';
import { notFound, redirect } from 'next/navigation';
import { parseDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { kitNow } from '@/server/kit/kit-now';
import { fortnightNow } from '@/server/rounds/fortnight-now';
import { PackingPage } from '@/ui/kit/PackingPage';
import { packingView } from '@/views/packing-view';

export const metadata: Metadata = { title: 'Packing list' };

interface Props {
  readonly params: Promise<{ readonly on: string; readonly apiary: string }>;
}

export default async function Page({ params }: Props) {
  const { on: day, apiary } = await params;
  const at = await now();
  const opened = database();
  const all = loadApiaries(opened, at.today);
  const on = parseDay(day);
  if (on === null || !all.apiaries.some(({ id }) => id === apiary)) notFound();
  const planned = await fortnightNow(opened, all, at, zoneBy(await deviceZone())).answer;
  const { met, entries, isUnreckoned } = kitNow(opened, all, at.today, planned);
  // It is said there that nothing can be said of it.
  if (isUnreckoned) redirect('/apiaries/kit');
  const round = { on, apiaryId: apiary, day };
  return <PackingPage view={packingView(all, met, round, entries.length === 0)} minute={at.minute} />;
}
