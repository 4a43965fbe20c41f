import { afterEach, describe, expect, it, vi } from 'vitest';
import { dropPagesOfOthers, KEPT, keepPages, PAGES_CACHE } from './keep-pages';
import { ask, isAnswering, patienceFor, send } from './send';

afterEach(() => vi.unstubAllGlobals());

describe('sending', () => {
  const answering = (answer: () => Promise<Response>) => {
    const asked = vi.fn((_path: string, _init: RequestInit) => answer());
    vi.stubGlobal('fetch', asked);
    return asked;
  };

  it('gives what the server says, good or bad', async () => {
    const asked = answering(async () => Response.json({ ok: true, value: { id: 'a' } }));
    expect(await send('/api/answers', { id: 'a' })).toEqual({ ok: true, value: { id: 'a' } });
    expect(asked.mock.calls[0]?.[1]).toMatchObject({ method: 'POST', body: '{"id":"a"}' });
    const issues = [{ path: ['at'], code: 'missing', message: 'Give a day.' }];
    answering(async () => Response.json({ ok: false, issues }, { status: 422 }));
    expect(await send('/api/answers', {})).toEqual({ ok: false, issues });
  });

  it('waits as long as a slow uplink needs: 80 kbit/s carry a photo of 240 kB', () => {
    const photo = Math.ceil((240_000 * 4) / 3);
    expect(patienceFor(photo)).toBeGreaterThan(photo / 10);
    // A word is not waited for longer than somebody waits at a hive.
    expect(patienceFor(400)).toBeLessThan(16_000);
    expect(Number.isInteger(patienceFor(1))).toBe(true);
  });

  it('never throws: no answer, or one that Ubbet does not give, is an issue like any other', async () => {
    const none = { ok: false, issues: [expect.objectContaining({ code: 'no-answer' })] };
    answering(() => Promise.reject(new TypeError('Failed to fetch')));
    expect(await send('/api/answers', {})).toEqual(none);
    const fault = { ok: false, issues: [expect.objectContaining({ code: 'server-fault' })] };
    answering(async () => new Response('<html>Bad gateway</html>', { status: 502 }));
    expect(await send('/api/answers', {})).toEqual(fault);
    answering(async () => Response.json({ error: 'teapot' }));
    expect(await send('/api/answers', {})).toEqual(fault);
  });

  it('sends a file as it is, and waits for it as long as it takes', async () => {
    const asked = answering(async () => Response.json({ ok: true, value: {} }));
    const file = new Blob(['{}']);
    await send('/api/season/import', file);
    const init = asked.mock.calls[0]?.[1];
    expect([init?.body, init?.signal]).toEqual([file, undefined]);
  });
});

describe('pages kept on the device', () => {
  function browser(pages: Record<string, () => Promise<Response>>) {
    const kept = new Map<string, Response>();
    const remembered = new Map<string, string>();
    const cache = { put: async (page: string, response: Response) => void kept.set(page, response) };
    const deleted: string[] = [];
    vi.stubGlobal('caches', {
      open: async () => cache,
      delete: async (name: string) => {
        deleted.push(name);
        return true;
      },
    });
    vi.stubGlobal(
      'localStorage',
      new Proxy(
        {
          getItem: (key: string) => remembered.get(key) ?? null,
          setItem: (key: string, value: string) => void remembered.set(key, value),
          removeItem: (key: string) => void remembered.delete(key),
        },
        {
          ownKeys: () => [...remembered.keys()],
          getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
        },
      ),
    );
    vi.stubGlobal('fetch', (page: string) => pages[page]?.() ?? Promise.reject(new TypeError('Failed to fetch')));
    return { kept, deleted, remembered };
  }
  const fine = async () => new Response('page');

  it('are fetched one after the other, and none that is not there is kept', async () => {
    const { kept } = browser({ '/': fine, '/gone': async () => new Response('', { status: 404 }), '/hive': fine });
    const isWhole = await keepPages({ pages: ['/', '/gone', '/hive'] }, new AbortController().signal);
    expect([isWhole, [...kept.keys()]]).toEqual([true, ['/', '/hive']]);
  });

  it('tell how far they are, and how long the rest takes by what they took so far', async () => {
    browser({ '/': fine, '/hive': fine, '/cells': fine, '/data': fine });
    let now = 0;
    const told: (readonly [number, number, number | null])[] = [];
    await keepPages(
      { pages: ['/', '/hive', '/cells', '/data'] },
      new AbortController().signal,
      ({ done, all, secondsLeft }) => told.push([done, all, secondsLeft]),
      () => {
        now += 2_000;
        return now;
      },
    );
    expect(told).toEqual([
      [1, 4, 6],
      [2, 4, 4],
      [3, 4, 2],
      [4, 4, 0],
    ]);
  });

  it('stop where the signal breaks off, and are not taken for whole', async () => {
    const { kept } = browser({ '/': fine });
    const isWhole = await keepPages({ pages: ['/', '/hive', '/cells'] }, new AbortController().signal);
    expect([isWhole, [...kept.keys()]]).toEqual([false, ['/']]);
  });

  it('of another book are thrown away once', async () => {
    const { deleted } = browser({});
    for (const book of ['demo', 'demo', 'own']) await dropPagesOfOthers(book);
    expect(deleted).toEqual([PAGES_CACHE, PAGES_CACHE]);
  });

  it('of another book that were thrown away are not taken for kept any more', async () => {
    const { remembered } = browser({});
    await dropPagesOfOthers('own');
    localStorage.setItem(`${KEPT}own`, '7');
    await dropPagesOfOthers('own');
    expect(remembered.get(`${KEPT}own`)).toBe('7');
    await dropPagesOfOthers('demo');
    expect(remembered.has(`${KEPT}own`)).toBe(false);
  });
});

describe('asking', () => {
  it('never throws either, and tells a server that answers from one that does not', async () => {
    vi.stubGlobal('fetch', async () => Response.json({ ok: true, value: 7 }));
    expect([await ask('/api/backups'), await isAnswering()]).toEqual([{ ok: true, value: 7 }, true]);
    vi.stubGlobal('fetch', async () => new Response('no', { status: 502 }));
    expect(await isAnswering()).toBe(false);
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    expect([(await ask('/api/backups')).ok, await isAnswering()]).toEqual([false, false]);
  });
});
