import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { AboutBook } from './about-book';
import type { OutboxEntry } from './outbox-entry';
import type { Pack } from './pack';
import type { StoredDraft } from './stored-draft';

interface Schema extends DBSchema {
  drafts: { key: string; value: StoredDraft };
  outbox: { key: string; value: OutboxEntry };
  pack: { key: string; value: Pack };
  about: { key: string; value: AboutBook };
}

export type DeviceStore = IDBPDatabase<Schema>;

const VERSION = 2;
/** What was tapped is on the disk before the next tap: a battery may die at any moment. */
export const DURABLE = { durability: 'strict' } as const;

const opened = new Map<string, Promise<DeviceStore>>();

/** A disk that has not opened a store by then does not open it: another page of an older Ubbet may hold it. */
const PATIENCE_MS = 8_000;

/**
 * The store of one book on this device. The demo and the keeper's own book, which share an address, never mix. Refused where the
 * browser keeps nothing, or does not say in time; asked again, it is tried again.
 */
export function deviceStore(bookId: string): Promise<DeviceStore> {
  const known = opened.get(bookId);
  if (known) return known;
  const store = inGoodTime(openStore(bookId));
  opened.set(bookId, store);
  store.catch(() => opened.delete(bookId));
  return store;
}

const openStore = (bookId: string) =>
  openDB<Schema>(`ubbet-${bookId}`, VERSION, {
    upgrade(database, from) {
      if (from < 1) {
        database.createObjectStore('drafts', { keyPath: 'key' });
        database.createObjectStore('outbox', { keyPath: 'id' });
        database.createObjectStore('pack');
      }
      database.createObjectStore('about');
    },
    // A later Ubbet in another tab wants to bring the store up to date.
    blocking(_, __, event) {
      (event.target as IDBDatabase).close();
      opened.delete(bookId);
    },
  });

function inGoodTime<T>(work: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error('The device does not open its store')), PATIENCE_MS);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
