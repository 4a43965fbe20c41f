/** What a browser says of the room that this device gives and of how safely it keeps things. */
export interface StorageRoom {
  /** It is kept until the keeper takes it away, not thrown out when room is short; null: the browser does not say. */
  readonly isPersisted: boolean | null;
  /** Bytes; null: the browser does not say. */
  readonly used: number | null;
  readonly quota: number | null;
}

/** What the browser says. Asks for nothing. */
export async function storageRoom(): Promise<StorageRoom> {
  const storage = typeof navigator === 'undefined' ? undefined : navigator.storage;
  const [isPersisted, estimate] = await Promise.all([
    storage?.persisted?.().catch(() => null) ?? null,
    storage?.estimate?.().catch(() => null) ?? null,
  ]);
  return { isPersisted, used: estimate?.usage ?? null, quota: estimate?.quota ?? null };
}

/** Asks the browser to keep what is here for good. What it answers is its own affair; it may ask the keeper. */
export async function askToPersist(): Promise<boolean | null> {
  try {
    const storage = navigator.storage;
    if (!storage?.persist) return null;
    return (await storage.persisted()) || (await storage.persist());
  } catch {
    return null;
  }
}

const MEGABYTE = 1_000_000;

/** `3 MB used of 600 MB`; null: the browser does not say. */
export function roomOnDevice({ used, quota }: StorageRoom): string | null {
  if (used === null || quota === null) return null;
  const megabytes = (bytes: number) => `${Math.max(1, Math.round(bytes / MEGABYTE))} MB`;
  return `${megabytes(used)} used, ${megabytes(Math.max(0, quota - used))} left`;
}
