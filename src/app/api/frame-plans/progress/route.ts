import { planProgress } from '@/core/facts/frame-plan';
import { workOnPlan } from '@/server/frames/frame-plans';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, planProgress, ({ db }, progress, now) => workOnPlan(db, progress, now));
