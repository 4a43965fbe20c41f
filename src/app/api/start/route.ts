import { startEntry } from '@/core/facts/first-run';
import { firstRun } from '@/server/entries/first-run';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, startEntry, ({ db }, entry, now) => firstRun(db, entry, now));
