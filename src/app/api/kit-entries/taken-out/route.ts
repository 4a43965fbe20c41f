import { kitTakenOut } from '@/core/facts/kit';
import { takeEntry } from '@/server/http/handle';
import { takeOutKit } from '@/server/kit/save-kit';

export const POST = (request: Request) => takeEntry(request, kitTakenOut, takeOutKit);
