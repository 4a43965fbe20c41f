import 'server-only';
import type { Db } from '../db/open';
import { loadSettings } from '../db/repositories/settings';

/** The time zone of the hives by its IANA name: the one in the settings, else this machine's. */
export const keepersZone = (db: Db): string =>
  loadSettings(db).timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
