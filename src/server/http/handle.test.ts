import { describe, expect, it } from 'vitest';
import { failure, success } from '../../core/problems/issue';
import { verbatim } from '../../core/says/together';
import { answer, isSameOrigin } from './handle';
import { readText } from './read-text';

const request = (headers: Record<string, string>, body?: string | ReadableStream) =>
  new Request('http://127.0.0.1:4620/api/inspections', {
    method: 'POST',
    headers: { host: '127.0.0.1:4620', ...headers },
    body: body ?? null,
    ...(body instanceof ReadableStream ? { duplex: 'half' } : {}),
  } as RequestInit);

describe('where a request may come from', () => {
  it.each([
    [{ origin: 'http://127.0.0.1:4620' }, true],
    [{ origin: 'http://127.0.0.1:4621' }, false],
    [{ origin: 'http://elsewhere.example' }, false],
    [{ origin: 'null' }, false],
    [{}, true],
    [{ 'sec-fetch-site': 'cross-site' }, false],
    [{ 'sec-fetch-site': 'same-origin' }, true],
  ] as const)('%o: %s', (headers, allowed) => expect(isSameOrigin(request(headers))).toBe(allowed));
});

describe('reading a body', () => {
  it('gives its text, whole characters across chunks', async () => {
    const bytes = new TextEncoder().encode('Wabe – größer');
    const stream = new ReadableStream({
      start(controller) {
        for (const byte of bytes) controller.enqueue(new Uint8Array([byte]));
        controller.close();
      },
    });
    expect(await readText(request({}, stream), 100)).toEqual(success('Wabe – größer'));
    expect(await readText(request({}), 100)).toEqual(success(''));
  });

  it('stops where whoever watches it finds fault', async () => {
    const seen: number[] = [];
    const fault = { path: [], code: 'too-large', message: verbatim('Too much of it.') } as const;
    const watch = (bytes: Uint8Array) => (seen.push(bytes.length) > 1 ? fault : null);
    const endless = new ReadableStream({ pull: (controller) => controller.enqueue(new Uint8Array(10)) });
    expect(await readText(request({}, endless), 1e6, watch)).toEqual(failure(fault));
    expect(seen).toEqual([10, 10]);
  });

  it('stops at the limit, announced or not', async () => {
    expect(await readText(request({ 'content-length': '2000' }, 'x'), 1024)).toMatchObject({
      ok: false,
      issues: [{ code: 'too-large', message: expect.saying('1 kB') }],
    });
    let sent = 0;
    const endless = new ReadableStream({
      pull(controller) {
        sent += 1;
        controller.enqueue(new Uint8Array(1024));
      },
    });
    expect((await readText(request({}, endless), 10 * 1024)).ok).toBe(false);
    expect(sent).toBeLessThan(20);
  });
});

describe('answers', () => {
  it.each([
    ['not-found', 404],
    ['too-large', 413],
    ['contradiction', 422],
  ] as const)('%s has status %i', (code, status) => {
    expect(answer(failure({ path: [], code, message: verbatim('') })).status).toBe(status);
  });

  it('are JSON', async () => {
    const response = answer(success({ id: 'x' }));
    expect([response.status, await response.json()]).toEqual([200, { ok: true, value: { id: 'x' } }]);
  });
});
