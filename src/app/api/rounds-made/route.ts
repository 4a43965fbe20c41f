import { roundEntry } from '@/core/facts/round';
import { takeEntry } from '@/server/http/handle';
import { saveRound } from '@/server/rounds/save-round';

export const POST = (request: Request) =>
  takeEntry(request, roundEntry, ({ db }, round, now) => saveRound(db, round, now));
