import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { CellsPage } from '@/ui/cells/CellsPage';
import { axisAround } from '@/ui/time/axis';
import { cellsView } from '@/views/cells-view';

export const metadata: Metadata = { title: 'Cells' };

export default async function Page() {
  const { today } = await now();
  return <CellsPage view={cellsView(loadApiaries(database(), today))} axis={axisAround(today)} />;
}
