import { scaleAnswerEntry } from '@/core/facts/scale';
import { takeEntry } from '@/server/http/handle';
import { answerLoss } from '@/server/scale/answer-loss';

export const POST = (request: Request) => takeEntry(request, scaleAnswerEntry, answerLoss);
