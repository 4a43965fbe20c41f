import 'server-only';
import type { Day } from '../core/calendar/day';
import { lazily } from '../core/lazily';
import type { ScaleReading } from '../core/scale/scale-of';
import { type WeatherHour, weatherOf } from '../core/weather/weather-of';
import { LARKVALE_SINCE, larkvaleDevices } from '../demo/larkvale-devices';
import { scaleReadings } from '../simulated/scale';
import { type Station, stationHours } from '../simulated/station';
import { isDemo } from './demo-mode';
import { workedOut } from './worked-out';

const devices = lazily(larkvaleDevices);

/** The demo's simulated station at an apiary; undefined: there is none. */
export const demoStation = (apiaryId: string): Station | undefined =>
  isDemo() ? devices().stations.get(apiaryId) : undefined;

export const hasDemoStation = (apiaryId: string): boolean => demoStation(apiaryId) !== undefined;

/** What the demo's simulated station at an apiary says on a day: the hours so far and its forecast. Without the demo nothing. */
export function demoHours(apiaryId: string, today: Day): readonly WeatherHour[] {
  const station = demoStation(apiaryId);
  return station ? stationHours(station, LARKVALE_SINCE, today) : [];
}

/** Whether the demo's colony stands on a simulated scale. */
export const isOnDemoScale = (colonyId: string): boolean => isDemo() && devices().scales.has(colonyId);

/** What the demo's simulated scale under a colony has read up to a minute. */
export function demoReadings(colonyId: string, apiaryId: string, today: Day, minute: string): readonly ScaleReading[] {
  const scale = isDemo() ? devices().scales.get(colonyId) : undefined;
  if (!scale) return [];
  const hours = demoHours(apiaryId, today);
  const days = hours.length === 0 ? [] : workedOut(() => weatherOf(hours, [], today).days, []);
  const flying = new Map(days.map(({ on, open }) => [on, open.reduce((sum, { from, to }) => sum + to - from, 0)]));
  return scaleReadings(scale, (on) => flying.get(on) ?? 0, minute);
}
