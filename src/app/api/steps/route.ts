import { takeEntry } from '@/server/http/handle';
import { stepTick, tickStep } from '@/server/programmes/change-programme';

export const POST = (request: Request) => takeEntry(request, stepTick, ({ db }, tick) => tickStep(db, tick));
