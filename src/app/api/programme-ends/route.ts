import { takeEntry } from '@/server/http/handle';
import { endProgramme, programmeEnd } from '@/server/programmes/change-programme';

export const POST = (request: Request) =>
  takeEntry(request, programmeEnd, ({ db }, end, now) => endProgramme(db, end, now));
