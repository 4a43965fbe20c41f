import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { type Result, success } from '../../core/problems/issue';
import { makeBackup } from '../../db/backups/backup-files';
import type { Book } from '../../db/open';
import { type DeviceKind, scaleDays, weatherDays } from '../../db/schema/tables';

/** Takes out all hours of an apiary, or all readings of a colony, after a backup: what was brought in for the wrong one has no other way out. */
export function wipeMeasured(
  opened: Book,
  kind: DeviceKind,
  ofId: string,
  now: Now,
): Result<{ readonly backup: string }> {
  const backup = makeBackup(opened, 'before-measured-wipe', now);
  if (kind === 'weather') opened.db.delete(weatherDays).where(eq(weatherDays.apiaryId, ofId)).run();
  else opened.db.delete(scaleDays).where(eq(scaleDays.colonyId, ofId)).run();
  return success({ backup });
}
