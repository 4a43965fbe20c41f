import type { Draft } from './draft';
import { type DeviceStore, DURABLE } from './store';

/** An inspection as far as it was entered on this device. */
export interface StoredDraft {
  /** The colony for a new entry, `fix:` and the inspection for a correction. */
  readonly key: string;
  readonly draft: Draft;
  /** UTC instant of the last tap. */
  readonly tappedAt: string;
}

/** A colony has one entry begun on a device at most; a correction is apart from it. */
export function draftKey(colonyId: string, correcting: string | null): string {
  return correcting === null ? colonyId : `fix:${correcting}`;
}

export async function putDraft(store: DeviceStore, stored: StoredDraft): Promise<void> {
  const tx = store.transaction('drafts', 'readwrite', DURABLE);
  await Promise.all([tx.store.put(stored), tx.done]);
}

export async function dropDraft(store: DeviceStore, key: string): Promise<void> {
  const tx = store.transaction('drafts', 'readwrite', DURABLE);
  await Promise.all([tx.store.delete(key), tx.done]);
}
