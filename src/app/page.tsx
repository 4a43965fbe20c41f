import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { axisAround } from '@/ui/time/axis';
import { TodayPage } from '@/ui/today/TodayPage';
import { todayView } from '@/views/today-view';

export const metadata: Metadata = { title: { absolute: 'Today · Ubbet' } };

export default async function Page() {
  const { today, minute } = await now();
  const yard = loadApiaries(database(), today);
  if (yard.apiaries.length === 0) redirect('/start');
  return <TodayPage view={todayView(yard, today)} axis={axisAround(today)} minute={minute} />;
}
