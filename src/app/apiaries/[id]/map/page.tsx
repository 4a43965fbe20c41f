import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadYard, loadYardMarks } from '@/db/repositories/yard';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { MapPage } from '@/ui/yard/MapPage';
import { mapView } from '@/views/map-view';

export const metadata: Metadata = { title: 'Map' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today, minute } = await now();
  const opened = database();
  const all = loadApiaries(opened, today);
  if (!all.apiaries.some((apiary) => apiary.id === id)) notFound();
  const view = mapView(all, id, loadYard(opened.db, id), loadYardMarks(opened.db, id), today);
  return <MapPage view={view} today={formatDay(today)} minute={minute} />;
}
