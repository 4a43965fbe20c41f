import { kitSaid } from '@/core/facts/kit';
import { takeEntry } from '@/server/http/handle';
import { saveKitSaid } from '@/server/kit/save-kit';

export const POST = (request: Request) => takeEntry(request, kitSaid, saveKitSaid);
