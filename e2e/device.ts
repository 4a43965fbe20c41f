import { expect, type Page } from '@playwright/test';

/** What one of the stores on the device holds. */
export function stored<T>(page: Page, store: 'drafts' | 'outbox'): Promise<readonly T[]> {
  return page.evaluate(async (name) => {
    const [book] = (await indexedDB.databases()).map((database) => database.name as string);
    const database = await new Promise<IDBDatabase>((resolve) => {
      const request = indexedDB.open(book as string);
      request.onsuccess = () => resolve(request.result);
    });
    const all = await new Promise<unknown[]>((resolve) => {
      const request = database.transaction(name).objectStore(name).getAll();
      request.onsuccess = () => resolve(request.result);
    });
    database.close();
    return all;
  }, store) as Promise<readonly T[]>;
}

/** Waits until what was tapped is on the disk, as it is a moment after the tap. */
export async function kept(page: Page, holds: string | RegExp): Promise<void> {
  await expect.poll(async () => JSON.stringify(await stored(page, 'drafts'))).toMatch(holds);
}
