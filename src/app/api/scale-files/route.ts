import { readScaleFile } from '@/core/formats/scale-file';
import { takeFile } from '@/server/devices/take-file';
import { keepersZone } from '@/server/keepers-zone';
import { takeScale } from '@/server/scale/take-scale';

export const POST = (request: Request) =>
  takeFile(request, ({ db }, text, { of, units }, now) => {
    const read = readScaleFile(text, { units, zone: keepersZone(db), now: now.minute });
    return read.ok ? takeScale(db, of, read.value) : read;
  });
