import { schoolsEntry } from '@/core/facts/setting';
import { changeSome } from '@/server/entries/save-settings';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) => takeEntry(request, schoolsEntry, ({ db }, entry) => changeSome(db, entry));
