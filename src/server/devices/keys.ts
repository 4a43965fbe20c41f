import 'server-only';
import { createHash, randomBytes } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Now } from '../../core/calendar/now';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { type DeviceKind, deviceKeys } from '../../db/schema/tables';

const KEY_BYTES = 24;
/** A key is nothing but chance, so that a plain digest of it tells nobody anything. */
const digestOf = (key: string) => createHash('sha256').update(key).digest('base64url');

/** Makes the key by which a device brings what it measures. It is shown this once; one made before for the same is ended. */
export function makeKey(db: Db, kind: DeviceKind, ofId: string, { instant }: Now): string {
  const key = randomBytes(KEY_BYTES).toString('base64url');
  db.transaction((tx) => {
    endKey(tx, kind, ofId, instant);
    tx.insert(deviceKeys)
      .values({ id: newId(), kind, ofId, digest: digestOf(key), madeAt: instant, endedAt: null, usedAt: null })
      .run();
  });
  return key;
}

/** It opens nothing any more. */
export function endKey(db: Db, kind: DeviceKind, ofId: string, instant: string): void {
  db.update(deviceKeys)
    .set({ endedAt: instant })
    .where(and(eq(deviceKeys.kind, kind), eq(deviceKeys.ofId, ofId), isNull(deviceKeys.endedAt)))
    .run();
}

export interface KeyState {
  /** UTC. */
  readonly madeAt: string;
  readonly usedAt: string | null;
}

/** The key that is in use; null: none. */
export const keyInUse = (db: Db, kind: DeviceKind, ofId: string): KeyState | null =>
  db
    .select({ madeAt: deviceKeys.madeAt, usedAt: deviceKeys.usedAt })
    .from(deviceKeys)
    .where(and(eq(deviceKeys.kind, kind), eq(deviceKeys.ofId, ofId), isNull(deviceKeys.endedAt)))
    .orderBy(desc(deviceKeys.madeAt))
    .get() ?? null;

/** What a device may bring, by the key that it sends: the apiary or the colony that it measures. */
export function holderOf(
  db: Db,
  kind: DeviceKind,
  authorization: string | null,
): Result<{ readonly ofId: string; readonly keyId: string }> {
  const key = /^Bearer\s+(\S+)$/i.exec(authorization ?? '')?.[1];
  if (!key) return wrongKey('key-missing');
  const found = db
    .select()
    .from(deviceKeys)
    .where(eq(deviceKeys.digest, digestOf(key)))
    .get();
  if (!found) return wrongKey('key-unknown');
  if (found.endedAt !== null) return wrongKey('key-ended');
  if (found.kind !== kind)
    return failure({ path: ['key'], code: 'wrong-key', message: say('key-of-other-kind', { kind: found.kind }) });
  return success({ ofId: found.ofId, keyId: found.id });
}

const wrongKey = (code: 'key-missing' | 'key-unknown' | 'key-ended' | 'key-of-other-colony') =>
  failure({ path: ['key'], code: 'wrong-key', message: say(code) });

export const keyOfOtherColony = () => wrongKey('key-of-other-colony');

export function noteUse(db: Db, keyId: string, { instant }: Now): void {
  db.update(deviceKeys).set({ usedAt: instant }).where(eq(deviceKeys.id, keyId)).run();
}
