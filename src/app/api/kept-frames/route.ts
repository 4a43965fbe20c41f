import { keptFrameFact } from '@/core/facts/kept-frame';
import { saveKeptFrame } from '@/server/entries/save-kept-frame';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, keptFrameFact, ({ db }, frame) => saveKeptFrame(db, frame));
