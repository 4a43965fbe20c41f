'use client';

import dynamic from 'next/dynamic';
import type { WeatherView } from '../../views/weather-view';
import type { Axis } from '../time/axis';

// The drawing comes when there is something to draw.
const blank = () => <div className="h-full" />;
const Temperature = dynamic(() => import('./WeatherChart').then(({ TemperatureChart }) => TemperatureChart), {
  ssr: false,
  loading: blank,
});
const RainAndWind = dynamic(() => import('./WeatherChart').then(({ RainAndWindChart }) => RainAndWindChart), {
  ssr: false,
  loading: blank,
});

/** The hours under the days of the ruler; what they allow is said in words below them. */
export function WeatherCharts({ view, axis }: { readonly view: WeatherView; readonly axis: Axis }) {
  return (
    <>
      <div className="lane">
        <div className="lane-words py-2">
          <h2 className="text-sm font-bold">Temperature</h2>
          <p className="text-muted text-sm">Green, and barred below: hours fit to open hives.</p>
        </div>
        <div className="relative h-44 min-w-0">
          <Temperature view={view} axis={axis} />
        </div>
      </div>
      <div className="lane">
        <div className="lane-words py-2">
          <h2 className="text-sm font-bold">Rain and wind</h2>
          <p className="text-muted text-sm">Rain as bars, wind as a dashed line.</p>
        </div>
        <div className="relative h-28 min-w-0">
          <RainAndWind view={view} axis={axis} />
        </div>
      </div>
    </>
  );
}
