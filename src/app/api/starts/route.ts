import { takeEntry } from '@/server/http/handle';
import { startAll, startsEntry } from '@/server/programmes/start-all';

export const POST = (request: Request) =>
  takeEntry(request, startsEntry, ({ db }, entry, now) => startAll(db, entry, now));
