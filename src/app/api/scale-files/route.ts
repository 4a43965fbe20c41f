import { z } from 'zod';
import { idField } from '@/core/facts/fields';
import { readApart } from '@/server/apart/read-apart';
import { takeFile } from '@/server/devices/take-file';
import { wipeMeasured } from '@/server/devices/wipe-measured';
import { takeEntry } from '@/server/http/handle';
import { takeScale } from '@/server/scale/take-scale';

export const POST = (request: Request) =>
  takeFile(request, async ({ db }, text, { of, units, zone }, now) => {
    const read = await readApart('scale', text, { units, zone, now: now.minute });
    return read.ok ? takeScale(db, of, read.value) : read;
  });

/** Takes out all that was brought in, by files and devices, after a backup. */
export const DELETE = (request: Request) =>
  takeEntry(request, z.strictObject({ of: idField }), (opened, { of }, now) => wipeMeasured(opened, 'scale', of, now));
