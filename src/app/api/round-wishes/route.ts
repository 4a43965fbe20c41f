import { roundWishEntry } from '@/core/facts/round';
import { takeEntry } from '@/server/http/handle';
import { sayRoundWish } from '@/server/rounds/say-round-wish';

export const POST = (request: Request) =>
  takeEntry(request, roundWishEntry, ({ db }, entry) => sayRoundWish(db, entry));
