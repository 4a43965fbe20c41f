import { z } from 'zod';
import { idField } from '@/core/facts/fields';
import { success } from '@/core/problems/issue';
import { DEVICE_KINDS } from '@/db/schema/tables';
import { endKey, makeKey } from '@/server/devices/keys';
import { takeEntry } from '@/server/http/handle';

const device = z.strictObject({ kind: z.enum(DEVICE_KINDS), ofId: idField });

/** Makes a new key, which is shown this once. */
export const POST = (request: Request) =>
  takeEntry(request, device, ({ db }, { kind, ofId }, now) => success({ key: makeKey(db, kind, ofId, now) }));

/** Ends the key that is in use. */
export const DELETE = (request: Request) =>
  takeEntry(request, device, ({ db }, { kind, ofId }, { instant }) => {
    endKey(db, kind, ofId, instant);
    return success({});
  });
