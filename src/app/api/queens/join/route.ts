import { queensJoined } from '@/core/facts/queen';
import { takeEntry } from '@/server/http/handle';
import { joinQueens } from '@/server/queens/save-queen';

export const POST = (request: Request) =>
  takeEntry(request, queensJoined, ({ db }, said, now) => joinQueens(db, said, now));
