import type { Metadata } from 'next';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadYard } from '@/server/yard';
import { CellsPage } from '@/ui/cells/CellsPage';
import { axisAround } from '@/ui/time/axis';
import { cellsView } from '@/views/cells-view';

export const metadata: Metadata = { title: 'Cells' };

export default async function Page() {
  const { today } = await now();
  return <CellsPage view={cellsView(loadYard(database(), today))} axis={axisAround(today)} />;
}
