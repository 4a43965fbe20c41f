'use client';

import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useState } from 'react';
import { rememberBook } from '../../device/about-book';
import { type Clock, clockBy } from '../../device/clock';
import { inTime } from '../../device/in-time';
import { forgetSent, sendOutbox } from '../../device/outbox';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { Pack } from '../../device/pack';
import { askToPersist } from '../../device/storage-room';
import { type DeviceStore, deviceStore } from '../../device/store';
import type { StoredDraft } from '../../device/stored-draft';
import { type Readiness, useKeptPages } from './useKeptPages';

const TRY_AGAIN_MS = 20_000;
const OK = 200;

export interface Device {
  /** Null until the page runs in a browser. */
  readonly store: DeviceStore | null;
  readonly outbox: readonly OutboxEntry[];
  readonly drafts: readonly StoredDraft[];
  readonly pack: Pack | null;
  /** The server answered when it was last asked. */
  readonly isReachable: boolean;
  /** The book was found in an older state than this device had seen; null: it was not. */
  readonly wentBackAt: string | null;
  /** This device's clock beside the server's, when it was last asked; null: it was not. */
  readonly clock: Clock | null;
  /** Whether it would open at the hive without a signal. */
  readonly readiness: Readiness;
  /** Reads anew what is on the device. */
  reload(): Promise<void>;
  /** Sends what waits; what the server knows by then is fetched behind it. */
  sync(): Promise<void>;
}

const Context = createContext<Device>({
  store: null,
  outbox: [],
  drafts: [],
  pack: null,
  isReachable: true,
  wentBackAt: null,
  clock: null,
  readiness: { is: 'not-known' },
  reload: async () => {},
  sync: async () => {},
});

export const useDevice = () => useContext(Context);

/** One tab sends at a time, where the browser can tell tabs apart. */
async function alone(bookId: string, work: () => Promise<void>): Promise<void> {
  await (navigator.locks ? navigator.locks.request(`ubbet-outbox-${bookId}`, work) : work());
}

/** Keeps what the hive needs on this device, and sends what was saved on it when the server answers. */
export function DeviceProvider({
  bookId,
  bookName,
  children,
}: {
  bookId: string;
  bookName: string;
  children: ReactNode;
}) {
  const [store, setStore] = useState<DeviceStore | null>(null);
  const [outbox, setOutbox] = useState<readonly OutboxEntry[]>([]);
  const [drafts, setDrafts] = useState<readonly StoredDraft[]>([]);
  const [pack, setPack] = useState<Pack | null>(null);
  const [isReachable, setReachable] = useState(true);
  const [wentBackAt, setWentBackAt] = useState<string | null>(null);
  const [clock, setClock] = useState<Clock | null>(null);

  const reload = useCallback(async () => {
    // A browser that keeps nothing still enters and sends.
    await inTime(
      deviceStore(bookId).then(async (opened) => {
        const [entries, begun, packed] = await Promise.all([
          opened.getAll('outbox'),
          opened.getAll('drafts'),
          opened.get('pack', 'pack'),
        ]);
        setStore(opened);
        setOutbox(entries);
        setDrafts(begun);
        setPack(packed ?? null);
      }),
    );
  }, [bookId]);

  const fetchPack = useCallback(async () => {
    const opened = await deviceStore(bookId).catch(() => null);
    if (!opened) return;
    const askedAt = new Date().toISOString();
    try {
      const have = (await opened.get('pack', 'pack'))?.version ?? '';
      const response = await fetch(`/api/pack?have=${have}`);
      setReachable(true);
      setClock(clockBy(response, new Date()));
      if (response.status === OK) {
        // On a full disk the older pack stays.
        const packed = (await response.json()) as Pack;
        if (!(await inTime(opened.put('pack', packed, 'pack')))) return;
        const seen = { name: bookName, address: location.origin, writes: packed.writes ?? 0 };
        setWentBackAt((await rememberBook(opened, seen, askedAt)).wentBackAt);
      }
      // What is here is the book as it stood when it was asked for, whether or not it had to be sent.
      if (response.ok) await forgetSent(opened, askedAt);
    } catch {
      setReachable(false);
    }
  }, [bookId, bookName]);

  const sync = useCallback(async () => {
    const opened = await deviceStore(bookId).catch(() => null);
    if (opened) await alone(bookId, () => sendOutbox(opened, () => new Date().toISOString()).catch(() => {}));
    await reload();
    void fetchPack().then(reload);
  }, [bookId, reload, fetchPack]);

  useEffect(() => {
    void sync();
    const again = () => void sync();
    const gone = () => setReachable(false);
    window.addEventListener('online', again);
    window.addEventListener('offline', gone);
    const retry = async () => {
      const opened = await deviceStore(bookId).catch(() => null);
      if (!opened) return;
      const waits = (await opened.getAll('outbox')).some(({ state }) => state === 'waiting');
      if (waits || !navigator.onLine) await sync();
    };
    const timer = setInterval(() => {
      if (!document.hidden) void retry();
    }, TRY_AGAIN_MS);
    return () => {
      window.removeEventListener('online', again);
      window.removeEventListener('offline', gone);
      clearInterval(timer);
    };
  }, [bookId, sync]);

  // Once something is kept here that is nowhere else, the browser is asked to keep it.
  const isAtStake = outbox.some(({ state }) => state === 'waiting');
  useEffect(() => {
    if (isAtStake) void askToPersist();
  }, [isAtStake]);

  const readiness = useKeptPages(bookId, pack, isReachable);

  const device = useMemo(
    () => ({ store, outbox, drafts, pack, isReachable, wentBackAt, clock, readiness, reload, sync }),
    [store, outbox, drafts, pack, isReachable, wentBackAt, clock, readiness, reload, sync],
  );
  return <Context.Provider value={device}>{children}</Context.Provider>;
}
