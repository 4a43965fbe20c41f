import { yardSaid } from '@/core/facts/yard';
import { takeEntry } from '@/server/http/handle';
import { saveYard } from '@/server/yard/save-yard';

export const POST = (request: Request) => takeEntry(request, yardSaid, ({ db }, said, now) => saveYard(db, said, now));
