import { takeEntry } from '@/server/http/handle';
import { changeCheck, checkChangeEntry } from '@/server/programmes/change-programme';

export const POST = (request: Request) =>
  takeEntry(request, checkChangeEntry, ({ db }, change, now) => changeCheck(db, change, now));
