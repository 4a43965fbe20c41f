import { inspectionEntry } from '@/core/facts/entry';
import { overField } from '@/core/facts/resend';
import { saveInspection } from '@/server/entries/save-inspection';
import { takeEntry } from '@/server/http/handle';

const sent = inspectionEntry.extend({ over: overField });

export const POST = (request: Request) =>
  takeEntry(request, sent, ({ db }, { over, ...entry }, now) => saveInspection(db, entry, now, over));
