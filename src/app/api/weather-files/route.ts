import { readWeatherFile } from '@/core/formats/weather-file';
import { takeFile } from '@/server/devices/take-file';
import { keepersZone } from '@/server/keepers-zone';
import { takeWeather } from '@/server/weather/take-weather';

export const POST = (request: Request) =>
  takeFile(request, ({ db }, text, { of, units }, now) => {
    const read = readWeatherFile(text, { units, zone: keepersZone(db), today: now.today });
    return read.ok ? takeWeather(db, of, read.value, 'file', now) : read;
  });
