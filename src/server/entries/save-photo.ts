import 'server-only';
import { eq } from 'drizzle-orm';
import type { PhotoRow } from '../../core/facts/photo';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { inspections, photos } from '../../db/schema/tables';

/** Stores a photo with its inspection. Sent again it lands once. */
export function savePhoto(db: Db, photo: PhotoRow): Result<{ id: string }> {
  return db.transaction((tx) => {
    if (!tx.select({ id: inspections.id }).from(inspections).where(eq(inspections.id, photo.inspectionId)).get()) {
      const message = say('no-inspection-of-photo');
      return failure({ path: ['inspectionId'], code: 'unknown-reference', message });
    }
    tx.insert(photos).values(photo).onConflictDoNothing().run();
    return success({ id: photo.id });
  });
}
