import { seasonPlansSaid } from '@/core/facts/season-plan';
import { takeEntry } from '@/server/http/handle';
import { saveSeasonPlans } from '@/server/season-plan/save-season-plans';

export const POST = (request: Request) =>
  takeEntry(request, seasonPlansSaid, ({ db }, said, now) => saveSeasonPlans(db, said, now));
