import { startsEntry } from '@/core/facts/starts';
import { takeEntry } from '@/server/http/handle';
import { startAll } from '@/server/programmes/start-all';

export const POST = (request: Request) =>
  takeEntry(request, startsEntry, ({ db }, entry, now) => startAll(db, entry, now));
