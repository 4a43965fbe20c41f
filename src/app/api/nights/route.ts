import { nightsEntry } from '@/core/facts/weather';
import { takeEntry } from '@/server/http/handle';
import { sayNights } from '@/server/weather/say-nights';

export const POST = (request: Request) => takeEntry(request, nightsEntry, ({ db }, entry) => sayNights(db, entry));
