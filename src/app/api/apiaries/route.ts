import { apiaryFact } from '@/core/facts/apiary';
import { saveApiary } from '@/server/entries/save-apiary';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, apiaryFact, ({ db }, apiary, now) => saveApiary(db, apiary, now));
