import type { DeviceStore } from './store';

/** What a device remembers of a book. */
export interface AboutBook {
  readonly name: string;
  /** Where it answered last. */
  readonly address: string;
  /** The most writes that were ever seen of it. */
  readonly writes: number;
  /** It came back in an older state than this device had seen, and the keeper has not been told; null: it did not. */
  readonly wentBackAt: string | null;
}

const KEY = 'book';

export const aboutBook = (store: DeviceStore): Promise<AboutBook | undefined> => store.get('about', KEY);

/**
 * Remembers a book that has answered; one that was written less often than before is an older state of it.
 *
 * @param now UTC instant
 */
export async function rememberBook(
  store: DeviceStore,
  { name, address, writes }: Pick<AboutBook, 'name' | 'address' | 'writes'>,
  now: string,
): Promise<AboutBook> {
  const known = await aboutBook(store);
  const wentBack = known !== undefined && writes < known.writes;
  const about = { name, address, writes, wentBackAt: wentBack ? now : (known?.wentBackAt ?? null) };
  await store.put('about', about, KEY);
  return about;
}

/** The keeper knows now that the book went back. */
export async function acceptWentBack(store: DeviceStore): Promise<void> {
  const known = await aboutBook(store);
  if (known) await store.put('about', { ...known, wentBackAt: null }, KEY);
}
