import { colonyEntry } from '@/core/facts/colony';
import { saveColony } from '@/server/entries/save-colony';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, colonyEntry, ({ db }, colony, now) => saveColony(db, colony, now));
