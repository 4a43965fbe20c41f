import { overField } from '@/core/facts/resend';
import { surveyFact } from '@/core/facts/survey';
import { saveSurvey } from '@/server/entries/save-survey';
import { takeEntry } from '@/server/http/handle';

const sent = surveyFact.extend({ over: overField });

export const POST = (request: Request) =>
  takeEntry(request, sent, ({ db }, { over, ...survey }, now) => saveSurvey(db, survey, now, over));
