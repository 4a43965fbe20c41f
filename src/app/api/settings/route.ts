import { settingsFields } from '@/core/facts/setting';
import { success } from '@/core/problems/issue';
import { saveSettings } from '@/db/repositories/settings';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, settingsFields, ({ db }, settings) => {
    saveSettings(db, settings);
    return success({});
  });
