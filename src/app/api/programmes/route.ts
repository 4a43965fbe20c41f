import { programmeStart } from '@/core/facts/programme-start';
import { takeEntry } from '@/server/http/handle';
import { startProgramme } from '@/server/programmes/start-programme';

export const POST = (request: Request) =>
  takeEntry(request, programmeStart, ({ db }, start, now) => startProgramme(db, start, now));
