import { colonyFact } from '@/core/facts/colony';
import { saveColony } from '@/server/entries/save-colony';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, colonyFact, ({ db }, colony, now) => saveColony(db, colony, now));
