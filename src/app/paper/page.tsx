import type { Metadata } from 'next';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { PaperPage } from '@/ui/paper/PaperPage';

export const metadata: Metadata = { title: 'On paper' };

export default async function Page() {
  const { today } = await now();
  const { apiaries, colonies } = loadApiaries(database(), today);
  const standing = new Set(colonies.map(({ apiary }) => apiary.id));
  return (
    <PaperPage
      today={formatDay(today)}
      apiaries={apiaries.filter(({ id }) => standing.has(id)).map(({ id, name }) => ({ id, name }))}
      colonies={colonies.map(({ colony: { id, name } }) => ({ id, name }))}
    />
  );
}
