import { queenParted } from '@/core/facts/queen';
import { takeEntry } from '@/server/http/handle';
import { partQueens } from '@/server/queens/save-queen';

export const POST = (request: Request) =>
  takeEntry(request, queenParted, ({ db }, said, now) => partQueens(db, said, now));
