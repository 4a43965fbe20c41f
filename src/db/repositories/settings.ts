import 'server-only';
import { isDeepStrictEqual } from 'node:util';
import { settingsFields } from '../../core/facts/setting';
import { DEFAULT_SETTINGS, type Settings } from '../../core/settings/settings';
import type { Db } from '../open';
import { settings } from '../schema/tables';

/** The keeper's settings over the defaults. */
export function loadSettings(db: Db): Settings {
  const stored = Object.fromEntries(
    db
      .select()
      .from(settings)
      .all()
      .map(({ key, value }) => [key, value]),
  );
  return settingsFields.parse({ ...DEFAULT_SETTINGS, ...stored });
}

/** Stores every setting that is not at its default; the others are forgotten, so that they follow the default. */
export function saveSettings(db: Db, values: Settings): void {
  db.transaction((tx) => {
    tx.delete(settings).run();
    for (const [key, value] of Object.entries(values) as [keyof Settings, Settings[keyof Settings]][]) {
      if (!isDeepStrictEqual(value, DEFAULT_SETTINGS[key])) tx.insert(settings).values({ key, value }).run();
    }
  });
}
