import { foodSaid } from '@/core/facts/food';
import { saveFood } from '@/server/food/save-food';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) => takeEntry(request, foodSaid, ({ db }, said, now) => saveFood(db, said, now));
