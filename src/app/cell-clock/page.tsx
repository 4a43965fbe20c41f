import type { Metadata } from 'next';
import { now } from '@/server/clock';
import { CellClock } from '@/ui/clock/CellClock';

export const metadata: Metadata = { title: 'Cell clock' };

export default async function Page() {
  const { today } = await now();
  return <CellClock today={today} />;
}
