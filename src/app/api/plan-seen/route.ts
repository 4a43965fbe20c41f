import { z } from 'zod';
import { success } from '@/core/problems/issue';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, zoneBy } from '@/server/clock';
import { takeEntry } from '@/server/http/handle';
import { notePlanSeen } from '@/server/rounds/fortnight-now';

const seen = z.strictObject({ version: z.string().max(64) });

export const POST = (request: Request) =>
  takeEntry(request, seen, async (opened, { version }, now) =>
    success(await notePlanSeen(opened, loadApiaries(opened, now.today), now, zoneBy(await deviceZone()), version)),
  );
