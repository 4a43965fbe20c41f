import { freeTimeEntry } from '@/core/facts/setting';
import { changeFreeTime } from '@/server/entries/save-settings';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, freeTimeEntry, ({ db }, entry) => changeFreeTime(db, entry));
