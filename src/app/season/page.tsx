import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { SeasonPage } from '@/ui/season/SeasonPage';
import { seasonView } from '@/views/season-view';

export const metadata: Metadata = { title: 'Season' };

export default async function Page() {
  const { today, minute } = await now();
  return <SeasonPage view={seasonView(loadApiaries(database(), today), today)} today={today} minute={minute} />;
}
