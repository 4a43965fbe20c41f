import { queenEntry } from '@/core/facts/queen';
import { saveQueenEvent } from '@/server/entries/save-queen-event';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, queenEntry, ({ db }, entry, now) => saveQueenEvent(db, entry, now));
