import { framePlanFact } from '@/core/facts/frame-plan';
import { saveFramePlan } from '@/server/frames/frame-plans';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) => takeEntry(request, framePlanFact, ({ db }, plan) => saveFramePlan(db, plan));
