import { inspectionEntry } from '@/core/facts/entry';
import { saveInspection } from '@/server/entries/save-inspection';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, inspectionEntry, ({ db }, entry, now) => saveInspection(db, entry, now));
