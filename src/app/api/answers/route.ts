import { takeEntry } from '@/server/http/handle';
import { answerCheck, checkAnswerEntry } from '@/server/programmes/change-programme';

export const POST = (request: Request) =>
  takeEntry(request, checkAnswerEntry, ({ db }, answer, now) => answerCheck(db, answer, now));
