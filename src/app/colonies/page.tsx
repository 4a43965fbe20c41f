import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { takenOutColonies } from '@/server/names';
import { ColoniesPage } from '@/ui/colony/ColoniesPage';
import { axisAround } from '@/ui/time/axis';
import { coloniesView } from '@/views/colonies-view';

export const metadata: Metadata = { title: 'Colonies' };

export default async function Page() {
  const { today } = await now();
  const opened = database();
  const yard = loadApiaries(opened, today);
  if (yard.apiaries.length === 0) redirect('/start');
  return (
    <ColoniesPage groups={coloniesView(yard, today)} takenOut={takenOutColonies(opened.db)} axis={axisAround(today)} />
  );
}
