import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import type { Db } from '../open';
import { receipts } from '../schema/tables';

/** The versions in which something was sent by a device before. */
export function receivedVersions(db: Db, entityId: string): readonly string[] {
  return db
    .select({ version: receipts.version })
    .from(receipts)
    .where(eq(receipts.entityId, entityId))
    .all()
    .map(({ version }) => version);
}

/** Notes that it was taken, in the transaction that takes it. */
export function addReceipt(db: Db, entityId: string, version: string, { instant }: Now): void {
  db.insert(receipts).values({ entityId, version, receivedAt: instant }).onConflictDoNothing().run();
}
