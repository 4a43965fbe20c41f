import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { OutboxEntry } from './outbox-entry';
import type { Pack } from './pack';
import type { StoredDraft } from './stored-draft';

interface Schema extends DBSchema {
  drafts: { key: string; value: StoredDraft };
  outbox: { key: string; value: OutboxEntry };
  pack: { key: string; value: Pack };
}

export type DeviceStore = IDBPDatabase<Schema>;

const VERSION = 1;
/** What was tapped is on the disk before the next tap: a battery may die at any moment. */
export const DURABLE = { durability: 'strict' } as const;

const opened = new Map<string, Promise<DeviceStore>>();

/** The store of one book on this device. The demo and the keeper's own book, which share an address, never mix. */
export function deviceStore(bookId: string): Promise<DeviceStore> {
  let store = opened.get(bookId);
  if (!store) {
    store = openDB<Schema>(`ubbet-${bookId}`, VERSION, {
      upgrade(database) {
        database.createObjectStore('drafts', { keyPath: 'key' });
        database.createObjectStore('outbox', { keyPath: 'id' });
        database.createObjectStore('pack');
      },
    });
    opened.set(bookId, store);
  }
  return store;
}
