import { aboutBook } from './about-book';
import type { OutboxEntry } from './outbox-entry';
import { deviceStore } from './store';

const PREFIX = 'ubbet-';

/** What is kept on this device for a book that is not the one that answers here. */
export interface OtherBook {
  readonly bookId: string;
  /** What it is called, and where it answered last; null: it was not noted. */
  readonly name: string | null;
  readonly address: string | null;
  /** What waits for it, or came back from it. */
  readonly entries: readonly OutboxEntry[];
}

/** Books that have something waiting here, apart from the present one; none where the browser cannot list what it keeps. */
export async function otherBooks(bookId: string): Promise<readonly OtherBook[]> {
  if (typeof indexedDB === 'undefined' || !indexedDB.databases) return [];
  const names = (await indexedDB.databases()).flatMap(({ name }) => (name?.startsWith(PREFIX) ? [name] : []));
  const ids = names.map((name) => name.slice(PREFIX.length)).filter((id) => id !== bookId);
  const books = await Promise.all(
    ids.map(async (id): Promise<OtherBook> => {
      const store = await deviceStore(id);
      const [entries, about] = [await store.getAll('outbox'), await aboutBook(store)];
      const open = entries.filter(({ state }) => state !== 'sent');
      return { bookId: id, name: about?.name ?? null, address: about?.address ?? null, entries: open };
    }),
  );
  return books.filter(({ entries }) => entries.length > 0);
}
