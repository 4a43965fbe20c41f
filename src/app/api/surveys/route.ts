import { surveyFact } from '@/core/facts/survey';
import { saveSurvey } from '@/server/entries/save-survey';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, surveyFact, ({ db }, survey, now) => saveSurvey(db, survey, now));
