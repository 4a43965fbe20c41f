import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { meantInSeason, plannedYear } from '@/server/season-plan/season-plan-now';
import { SeasonPage } from '@/ui/season/SeasonPage';
import { seasonView } from '@/views/season-view';

export const metadata: Metadata = { title: 'Season' };

export default async function Page() {
  const { today, minute } = await now();
  const opened = database();
  const all = loadApiaries(opened, today);
  const meant = meantInSeason(opened, all, today, plannedYear(all, today));
  return <SeasonPage view={seasonView(all, today, meant)} today={today} minute={minute} />;
}
