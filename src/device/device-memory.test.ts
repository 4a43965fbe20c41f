import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { aboutBook, acceptWentBack, rememberBook } from './about-book';
import { clockBy, clockOff } from './clock';
import { inTime } from './in-time';
import { otherBooks } from './other-books';
import { keepOnDevice } from './outbox';
import type { KeptSaying } from './outbox-entry';
import { askToPersist, roomOnDevice, storageRoom } from './storage-room';
import { deviceStore } from './store';

const NOW = '2027-05-16T18:00:00.000Z';
const tick = (id: string, state: KeptSaying['state'] = 'waiting'): KeptSaying => ({
  kind: 'step',
  id,
  colonyId: 'clover',
  colonyName: 'Clover',
  body: { id, programmeId: 'nuc', step: 2, at: '2027-05-16T15:00', isDone: true },
  words: 'Nuc swarm, step 3 done',
  state,
  issues: [],
  savedAt: NOW,
  sentAt: null,
});

afterEach(() => vi.unstubAllGlobals());

describe('what a device remembers of a book', () => {
  it('notices that an older state of it was brought back, until the keeper knows', async () => {
    const store = await deviceStore('remembered');
    const seen = (writes: number) =>
      rememberBook(store, { name: 'ubbet.sqlite', address: 'https://bees', writes }, NOW);
    expect((await seen(7)).wentBackAt).toBeNull();
    expect((await seen(7)).wentBackAt).toBeNull();
    expect((await seen(5)).wentBackAt).toBe(NOW);
    expect((await seen(6)).wentBackAt).toBe(NOW);
    await acceptWentBack(store);
    expect(await aboutBook(store)).toMatchObject({ writes: 6, wentBackAt: null });
  });

  it('keeps what waits for another book apart, with its name and where it was', async () => {
    const other = await deviceStore('home');
    await rememberBook(other, { name: 'home.sqlite', address: 'https://bees.local:4621', writes: 1 }, NOW);
    await keepOnDevice(other, tick('a'));
    await keepOnDevice(other, tick('b', 'sent'));
    const mine = ({ bookId }: { readonly bookId: string }) => bookId === 'home';
    const found = (await otherBooks('demo-x')).filter(mine);
    expect(found).toMatchObject([{ bookId: 'home', name: 'home.sqlite', address: 'https://bees.local:4621' }]);
    expect(found[0]?.entries.map(({ id }) => id)).toEqual(['a']);
    expect((await otherBooks('home')).filter(mine)).toEqual([]);
  });
});

describe('a disk', () => {
  it('that is full, or never answers, is no reason to hang or to throw', async () => {
    expect(await inTime(Promise.resolve('kept'))).toBe(true);
    expect(await inTime(Promise.reject(new DOMException('full', 'QuotaExceededError')))).toBe(false);
    expect(await inTime(new Promise(() => {}), 20)).toBe(false);
  });

  it('is said with its room, and whether it keeps things for good', async () => {
    const storage = {
      persisted: async () => false,
      persist: async () => true,
      estimate: async () => ({ usage: 3.4e6, quota: 6e8 }),
    };
    vi.stubGlobal('navigator', { storage });
    expect(await storageRoom()).toEqual({ isPersisted: false, used: 3.4e6, quota: 6e8 });
    expect(roomOnDevice(await storageRoom())).toBe('3 MB used, 597 MB left');
    expect(await askToPersist()).toBe(true);
  });

  it('says nothing where the browser says nothing', async () => {
    vi.stubGlobal('navigator', {});
    expect(await storageRoom()).toEqual({ isPersisted: null, used: null, quota: null });
    expect([roomOnDevice(await storageRoom()), await askToPersist()]).toEqual([null, null]);
  });
});

describe('the clock of a device', () => {
  const said = (date: string | null) => ({ headers: new Headers(date === null ? {} : { date }) });
  it.each([
    ['2027-05-16T18:10:29.000Z', null],
    ['2027-05-16T18:11:00.000Z', 11],
    ['2027-05-16T17:49:00.000Z', -11],
  ])('is off where it says %s', (device, minutes) => {
    const clock = clockBy(said('Sun, 16 May 2027 18:00:00 GMT'), new Date(device));
    expect(clock && clockOff(clock)).toBe(minutes);
  });

  it('is not judged where the server does not say the time', () => {
    expect(clockBy(said(null), new Date(NOW))).toBeNull();
  });
});
