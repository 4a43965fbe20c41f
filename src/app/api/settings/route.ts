import { settingsEntry } from '@/core/facts/setting';
import { changeSome } from '@/server/entries/save-settings';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) => takeEntry(request, settingsEntry, ({ db }, entry) => changeSome(db, entry));
