import { checkChangeFact } from '@/core/facts/programme';
import { takeEntry } from '@/server/http/handle';
import { changeCheck } from '@/server/programmes/change-programme';

export const POST = (request: Request) =>
  takeEntry(request, checkChangeFact, ({ db }, change, now) => changeCheck(db, change, now));
