import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { addDays } from '@/core/calendar/day';
import { database } from '@/db/open';
import { hasHours } from '@/db/repositories/weather';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { hasDemoStation } from '@/server/demo-devices';
import { keyInUse } from '@/server/devices/keys';
import { hoursAt } from '@/server/weather/hours';
import type { Axis } from '@/ui/time/axis';
import { WeatherPage } from '@/ui/weather/WeatherPage';
import { weatherView } from '@/views/weather-view';

export const metadata: Metadata = { title: 'Weather' };

/** A forecast reaches about so far, and as much of the record stands beside it. */
const AXIS = { back: 7, days: 17 } as const;

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const { apiaries, measured } = loadApiaries(opened, today);
  const apiary = apiaries.find((one) => one.id === id);
  if (!apiary) notFound();
  const axis: Axis = { first: addDays(today, -AXIS.back), days: AXIS.days, today };
  const hours = hoursAt(opened, id, today, { from: axis.first, to: addDays(axis.first, axis.days - 1) });
  return (
    <WeatherPage
      apiary={apiary}
      others={apiaries.filter((one) => one.id !== id)}
      view={weatherView(measured?.weather.get(id) ?? null, hours, today)}
      axis={axis}
      stationKey={keyInUse(opened.db, 'weather', id)}
      isBrought={hasHours(opened.db, id)}
      isSimulated={hasDemoStation(id)}
    />
  );
}
