import { checkAnswerFact } from '@/core/facts/programme';
import { takeEntry } from '@/server/http/handle';
import { answerCheck } from '@/server/programmes/change-programme';

export const POST = (request: Request) =>
  takeEntry(request, checkAnswerFact, ({ db }, answer, now) => answerCheck(db, answer, now));
