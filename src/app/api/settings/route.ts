import { settingsFields } from '@/core/facts/setting';
import { changeSettings } from '@/server/entries/save-settings';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, settingsFields, ({ db }, settings) => changeSettings(db, settings));
