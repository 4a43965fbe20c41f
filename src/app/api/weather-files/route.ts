import { z } from 'zod';
import { idField } from '@/core/facts/fields';
import { readApart } from '@/server/apart/read-apart';
import { takeFile } from '@/server/devices/take-file';
import { wipeMeasured } from '@/server/devices/wipe-measured';
import { takeEntry } from '@/server/http/handle';
import { takeWeather } from '@/server/weather/take-weather';

export const POST = (request: Request) =>
  takeFile(request, async ({ db }, text, { of, units, zone }, now) => {
    const read = await readApart('weather', text, { units, zone, today: now.today });
    return read.ok ? takeWeather(db, of, read.value, 'file', now) : read;
  });

/** Takes out all that was brought in, by files and devices, after a backup. */
export const DELETE = (request: Request) =>
  takeEntry(request, z.strictObject({ of: idField }), (opened, { of }, now) =>
    wipeMeasured(opened, 'weather', of, now),
  );
