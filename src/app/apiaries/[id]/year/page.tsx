import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { yearAt } from '@/core/settings/settings';
import { seasonAround } from '@/core/year/beekeeping-year';
import { monthDayOf } from '@/core/year/month-day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { apiarySigns } from '@/server/year/apiary-signs';
import { ApiaryYearPage } from '@/ui/year/ApiaryYearPage';

export const metadata: Metadata = { title: 'Days of the year' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const { apiaries, settings } = loadApiaries(opened, today);
  const apiary = apiaries.find((one) => one.id === id);
  if (!apiary) notFound();
  const { swarms } = seasonAround(today, yearAt(apiary, settings));
  return (
    <ApiaryYearPage
      apiary={apiary}
      signs={apiarySigns(opened, apiary, today)}
      guess={{ from: monthDayOf(swarms.from), to: monthDayOf(swarms.to) }}
    />
  );
}
