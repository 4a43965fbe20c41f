import { queenFact } from '@/core/facts/queen';
import { takeEntry } from '@/server/http/handle';
import { correctQueen } from '@/server/queens/save-queen';

export const POST = (request: Request) =>
  takeEntry(request, queenFact, ({ db }, queen, now) => correctQueen(db, queen, now));
