import { readReadings } from '@/core/formats/scale-file';
import { keyOfOtherColony } from '@/server/devices/keys';
import { takeFromDevice } from '@/server/devices/take-from-device';
import { takeScale } from '@/server/scale/take-scale';

/** A hive scale on the network brings its readings. */
export const POST = (request: Request) =>
  takeFromDevice(request, 'scale', ({ db }, { ofId: colonyId, body, zone }, now) => {
    const read = readReadings(body, zone, now.minute);
    if (!read.ok) return read;
    const named = read.value.colonyId;
    return named === null || named === colonyId ? takeScale(db, colonyId, read.value) : keyOfOtherColony();
  });
