import { readHours } from '@/core/formats/weather-file';
import { takeFromDevice } from '@/server/devices/take-from-device';
import { takeWeather } from '@/server/weather/take-weather';

/** A weather station on the network brings its hours. */
export const POST = (request: Request) =>
  takeFromDevice(request, 'weather', ({ db }, { ofId: apiaryId, body, zone }, now) => {
    const read = readHours(body, zone, now.today);
    return read.ok ? takeWeather(db, apiaryId, read.value, 'device', now) : read;
  });
