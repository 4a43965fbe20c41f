import { expose } from 'comlink';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** Workers that were begun here, each at the other end of a channel; the first never answers. */
const begun: { readonly port: MessagePort; isEnded: boolean }[] = [];

class StandIn {
  readonly #channel = new MessageChannel();
  readonly #mine = { port: this.#channel.port2, isEnded: false };

  constructor() {
    const isStuck = begun.length === 0;
    begun.push(this.#mine);
    expose(
      { speak: () => {}, roundsAtHand: () => (isStuck ? new Promise(() => {}) : `by worker ${begun.length}`) },
      this.#mine.port,
    );
    this.#channel.port1.start();
  }
  postMessage = (message: unknown, moved: Transferable[] = []) => this.#channel.port1.postMessage(message, moved);
  addEventListener = (...of: Parameters<MessagePort['addEventListener']>) =>
    this.#channel.port1.addEventListener(...of);
  removeEventListener = (...of: Parameters<MessagePort['removeEventListener']>) =>
    this.#channel.port1.removeEventListener(...of);
  terminate = () => {
    this.#mine.isEnded = true;
    this.#channel.port1.close();
  };
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  vi.stubGlobal('Worker', StandIn);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  for (const { port } of begun) port.close();
});

it('a question that never ends fails after half a minute, its worker is ended, and the next is answered by another', async () => {
  const { askHive } = await import('./hive-reckoner');
  const ask = () => askHive((hive) => hive.roundsAtHand(null as never, [], 0 as never));
  const stuck = ask();
  const failed = expect(stuck).rejects.toThrow('could not be worked out in time');
  await vi.advanceTimersByTimeAsync(29_000);
  expect(begun.map(({ isEnded }) => isEnded)).toEqual([false]);
  await vi.advanceTimersByTimeAsync(2_000);
  await failed;
  expect(begun.map(({ isEnded }) => isEnded)).toEqual([true]);
  expect(await ask()).toBe('by worker 2');
  expect(await ask()).toBe('by worker 2');
  // Nothing is ended that was answered.
  await vi.advanceTimersByTimeAsync(60_000);
  expect(begun.map(({ isEnded }) => isEnded)).toEqual([true, false]);
});
