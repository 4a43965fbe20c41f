import { type DeviceStore, DURABLE } from './store';

/** Something that was begun on this device, as far as it has come: an inspection, a survey of frames, a frame board. */
export interface StoredDraft {
  /** Tells what it is and of which colony. */
  readonly key: string;
  /** What it began with. */
  readonly begin: unknown;
  readonly draft: unknown;
  /** UTC instant of the last tap. */
  readonly tappedAt: string;
}

/** A colony has one entry of each kind begun on a device at most; a correction is apart from it. */
export const draftKey = {
  inspection: (colonyId: string, correcting: string | null) => (correcting === null ? colonyId : `fix:${correcting}`),
  survey: (colonyId: string, correcting: string | null) =>
    correcting === null ? `survey:${colonyId}` : `survey-fix:${correcting}`,
  board: (colonyId: string, method: string) => `board:${colonyId}:${method}`,
};

export async function putDraft(store: DeviceStore, stored: StoredDraft): Promise<void> {
  const tx = store.transaction('drafts', 'readwrite', DURABLE);
  await Promise.all([tx.store.put(stored), tx.done]);
}

export async function dropDraft(store: DeviceStore, key: string): Promise<void> {
  const tx = store.transaction('drafts', 'readwrite', DURABLE);
  await Promise.all([tx.store.delete(key), tx.done]);
}
