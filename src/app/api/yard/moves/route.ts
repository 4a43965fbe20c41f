import { standMoveSaid } from '@/core/facts/yard';
import { takeEntry } from '@/server/http/handle';
import { saveStandMove } from '@/server/yard/save-stand-move';

export const POST = (request: Request) =>
  takeEntry(request, standMoveSaid, ({ db }, said, now) => saveStandMove(db, said, now));
