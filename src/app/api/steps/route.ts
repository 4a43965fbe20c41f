import { stepTick } from '@/core/facts/programme';
import { takeEntry } from '@/server/http/handle';
import { tickStep } from '@/server/programmes/change-programme';

export const POST = (request: Request) => takeEntry(request, stepTick, ({ db }, tick, now) => tickStep(db, tick, now));
